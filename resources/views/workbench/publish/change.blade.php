@use('Ikat\Core\Setting\Type\ColorType')
@use('Ikat\Core\Setting\Type\PictureType')
@use('Ikat\Core\Setting\Type\RangeType')
@php(['setting' => $setting, 'before' => $before, 'after' => $after, 'followers' => $followers] = $change)
@php($type = $setting->type)
@php($reach = $panel->reach($setting->path))
@php($pages = count($reach['pages']))
@php($shows = $reach['places'] === 0 ? 'shows on no page as it stands' : $reach['places'].($reach['places'] === 1 ? ' place on ' : ' places on ').$pages.($pages === 1 ? ' page' : ' pages'))
@php($was = $before === null ? 'nothing' : $setting->describe($before))
@php($becomes = $setting->describe($after))
@php($isDrawn = $type instanceof ColorType || $type instanceof RangeType || $type instanceof PictureType)
@php($arrow = '<path fill="none" stroke="currentColor" d="M70 22h9m-3-3 3 3-3 3"/>')
<li class="change grid grid-cols-[150px_minmax(0,1fr)] items-center gap-x-3.5 gap-y-1 border-b border-thread py-1.75 wrap-anywhere" data-reach="{{ $setting->path }}">
  <span class="flex min-w-0 items-center justify-between gap-1.5">
    @if ($type instanceof ColorType)
    <svg class="h-11 w-[150px]" viewBox="0 0 150 44" role="img" aria-label="From {{ $before ?? 'nothing' }} to {{ $after }}">
      @if ($before !== null)<rect width="66" height="44" fill="{{ $before }}"/>@else<rect class="stroke-thread-2" fill="none" stroke-dasharray="3 3" width="66" height="44"/>@endif
      {!! $arrow !!}<rect x="84" width="66" height="44" fill="{{ $after }}"/></svg>
    @elseif ($type instanceof RangeType)
    @php($width = fn ($value): float => $type->max <= $type->min ? 0 : round(4 + 62 * ((float) $value - $type->min) / ($type->max - $type->min), 1))
    <svg class="h-11 w-[150px]" viewBox="0 0 150 44" role="img" aria-label="From {{ $was }} to {{ $becomes }}">
      @if ($before !== null)<rect class="fill-ink-2" y="15" width="{{ $width($before) }}" height="14"/>@endif
      {!! $arrow !!}<rect class="fill-ink-2" x="84" y="15" width="{{ $width($after) }}" height="14"/></svg>
    @elseif ($type instanceof PictureType)
    @foreach ([$before, $after] as $i => $name)
    @php($picture = $bench->picture((string) $name))
    @if ($i === 1)<x-icon name="arrow-right"/>@endif
    @if ($picture)<img class="h-10.5 w-15.5 object-cover" src="{{ $picture->smallest() }}" alt="{{ $i === 0 ? 'before' : 'after' }}: {{ $picture->alt }}" width="66" height="44">
    @else<span class="inline-grid h-13 w-19 place-items-center border border-dashed border-edge text-ink-2">none</span>@endif
    @endforeach
    @else
    <span class="text-[12px] wrap-anywhere"><del class="text-ink-2">{{ $was }}</del> <x-becomes/> <ins class="font-bold no-underline">{{ $becomes }}</ins></span>
    @endif
  </span>
  <span class="grid"><b>{{ $setting->label }}</b>
    @if ($isDrawn)<span>{{ $was }} <x-becomes/> {{ $becomes }}</span>@endif
    <span class="text-ink-2">{{ $shows }}@if ($followers !== []),
      {{ count($followers) }} {{ count($followers) === 1 ? 'setting is linked' : 'settings are linked' }} to it @endif</span></span>
</li>
