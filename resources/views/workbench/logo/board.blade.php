@use('Ikat\Core\Image\Sharpness')
@use('Ikat\Core\Setting\Catalog\LogoSettings')
@php($setting = $look->catalog->get("header.logo.size.$device"))
<div>
  <div class="logo-board wear scheme-{{ $look->text('header.scheme') }}" data-board="{{ $device }}">
    <span class="logo-mat is-{{ $device }}">
      @if ($shown)<img src="{{ $shown->sharpest() }}" alt="" width="{{ $shown->width }}" height="{{ $shown->height }}" class="plate-{{ $look->text('header.logo.plate') }}">
      @else<b>{{ $look->text('header.logo.name') }}</b>@endif<i data-grip aria-hidden="true"></i></span>
  </div>
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @if ($facts !== null)
  <p class="logo-sharp flex flex-wrap gap-x-3.5 gap-y-0.5 text-[12px] text-ink-2">
    @if ($facts->vector)Drawn from outlines: sharp at any size.
    @else
    @foreach (Sharpness::DENSITIES as $density)
    @php($share = Sharpness::share($facts->height, LogoSettings::PICTURE_HEIGHT * $look->value($setting->path), $density))
    <span class="inline-flex items-center gap-1.25"><svg class="h-2 w-10" viewBox="0 0 40 8" aria-hidden="true"><rect width="40" height="8" class="fill-paper-3"/><rect
      width="{{ round(40 * $share, 1) }}" height="8"
      class="{{ $share < 1 ? 'fill-madder' : 'fill-blue' }}"/></svg> {{ $density }}x {{ $share < 1 ? 'blurred, '.(int) floor(100 * $share).'% of the pixels' : 'sharp' }}</span>
    @endforeach
    <span>Sharp at 2x up to size {{ (int) floor($facts->height / 2 / LogoSettings::PICTURE_HEIGHT) }}.</span>
    @endif
  </p>
  @endif
</div>
