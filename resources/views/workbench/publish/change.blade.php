@php(['setting' => $setting, 'before' => $before, 'after' => $after, 'followers' => $followers] = $change)
@php($type = $setting->type)
@php($reach = $panel->reach($setting->path))
<li class="change" data-reach="{{ $setting->path }}">
  <span class="change-picture">
    @if ($type instanceof Ikat\Core\Setting\Type\ColorType)
    <svg viewBox="0 0 150 44" role="img" aria-label="From {{ $before ?? 'nothing' }} to {{ $after }}">@if ($before !== null)<rect width="66" height="44" fill="{{ $before }}"/>@else<rect class="change-none" width="66" height="44"/>@endif<path class="change-arrow" d="M70 22h9m-3-3 3 3-3 3"/><rect x="84" width="66" height="44" fill="{{ $after }}"/></svg>
    @elseif ($type instanceof Ikat\Core\Setting\Type\RangeType)
    @php($width = fn ($value): float => $type->max <= $type->min ? 0 : round(4 + 62 * ((float) $value - $type->min) / ($type->max - $type->min), 1))
    <svg viewBox="0 0 150 44" role="img" aria-label="From {{ $before === null ? 'nothing' : $setting->describe($before) }} to {{ $setting->describe($after) }}">@if ($before !== null)<rect class="change-bar" y="15" width="{{ $width($before) }}" height="14"/>@endif<path class="change-arrow" d="M70 22h9m-3-3 3 3-3 3"/><rect class="change-bar" x="84" y="15" width="{{ $width($after) }}" height="14"/></svg>
    @elseif ($type instanceof Ikat\Core\Setting\Type\PictureType)
    @foreach ([$before, $after] as $i => $name)@if ($i === 1)<x-icon name="arrow-right"/>@endif @php($picture = $bench->picture((string) $name))@if ($picture)<img src="{{ $picture->smallest() }}" alt="{{ $i === 0 ? 'before' : 'after' }}: {{ $picture->alt }}" width="66" height="44">@else<span class="no-picture-yet">none</span>@endif @endforeach
    @else
    <span class="change-words"><del>{{ $before === null ? 'nothing' : $setting->describe($before) }}</del> <x-icon name="arrow-right"/><span class="hidden-words">becomes</span> <ins>{{ $setting->describe($after) }}</ins></span>
    @endif
  </span>
  <span class="change-told"><b>{{ $setting->label }}</b>
    @if ($type instanceof Ikat\Core\Setting\Type\ColorType || $type instanceof Ikat\Core\Setting\Type\RangeType || $type instanceof Ikat\Core\Setting\Type\PictureType)<span>{{ $before === null ? 'nothing' : $setting->describe($before) }} <x-icon name="arrow-right"/><span class="hidden-words">becomes</span> {{ $setting->describe($after) }}</span>@endif
    <span class="soft-words">{{ $reach['places'] === 0 ? 'shows on no page as it stands' : $reach['places'].($reach['places'] === 1 ? ' place on ' : ' places on ').count($reach['pages']).(count($reach['pages']) === 1 ? ' page' : ' pages') }}@if ($followers !== []), {{ count($followers) }} {{ count($followers) === 1 ? 'setting follows' : 'settings follow' }} it @endif</span></span>
</li>
