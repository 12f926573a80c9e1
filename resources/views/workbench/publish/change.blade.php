@use('Ikat\Core\Setting\Type\ColorType')
@use('Ikat\Core\Setting\Type\PictureType')
@use('Ikat\Core\Setting\Type\RangeType')
@php(['setting' => $setting, 'before' => $before, 'after' => $after, 'followers' => $followers] = $change)
@php($reach = $panel->reach($setting->path))
@php($pages = count($reach['pages']))
@php($shows = $reach['places'] === 0 ? 'shows on no page as it stands' : $reach['places'].($reach['places'] === 1 ? ' place on ' : ' places on ').$pages.($pages === 1 ? ' page' : ' pages'))
@php($was = $before === null ? 'nothing' : $setting->describe($before))
@php($becomes = $setting->describe($after))
@php($isDrawn = $setting->type instanceof ColorType || $setting->type instanceof RangeType || $setting->type instanceof PictureType)
<li class="change grid grid-cols-[150px_minmax(0,1fr)] items-center gap-x-3.5 gap-y-1 border-b border-thread py-1.75 wrap-anywhere" data-reach="{{ $setting->path }}">
  <span class="min-w-0">@if ($isDrawn)<x-before-after :$bench :$setting :$before :$after/>@else<span class="text-[12px] wrap-anywhere"><del class="text-ink-2">{{ $was }}</del> <x-becomes/> <ins
    class="font-bold no-underline">{{ $becomes }}</ins></span>@endif</span>
  <span class="grid"><b>{{ $setting->label }}</b>
    @if ($isDrawn)<span>{{ $was }} <x-becomes/> {{ $becomes }}</span>@endif
    <span class="text-ink-2">{{ $shows }}@if ($followers !== []),
      {{ count($followers) }} {{ count($followers) === 1 ? 'setting is linked' : 'settings are linked' }} to it @endif</span></span>
</li>
