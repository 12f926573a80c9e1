@props(['bench', 'setting', 'before', 'after', 'w' => 150, 'h' => 44, 'x' => 0, 'y' => 0])
@use('Ikat\Core\Setting\Type\ColorType')
@use('Ikat\Core\Setting\Type\PictureType')
@use('Ikat\Core\Setting\Type\RangeType')
{{-- A setting's value before and after, drawn as what it is: a color, a length, a picture, or words. May stand within a drawing, at x and y. --}}
@php($type = $setting->type)
@php($side = round(($w - 18) / 2, 1))
@php($say = fn ($value): string => $value === null ? 'nothing' : $setting->describe($value))
@php($middle = $h / 2)
@php($length = fn ($value): float => $type->max <= $type->min || ! is_numeric($value) ? 0 : round(4 + ($side - 4) * ((float) $value - $type->min) / ($type->max - $type->min), 1))
<svg x="{{ $x }}" y="{{ $y }}" viewBox="0 0 {{ $w }} {{ $h }}" width="{{ $w }}" height="{{ $h }}" role="img" aria-label="From {{ $say($before) }} to {{ $say($after) }}">
  @foreach ([$before, $after] as $i => $value)
  @php($at = $i * ($side + 18))
  @php($picture = $type instanceof PictureType ? $bench->picture((string) $value) : null)
  @if ($type instanceof ColorType && is_string($value) && str_starts_with($value, '#'))<rect x="{{ $at }}" width="{{ $side }}" height="{{ $h }}" fill="{{ $value }}"/>
  @elseif ($type instanceof RangeType && $value !== null)<rect class="fill-ink-2" x="{{ $at }}" y="{{ $middle - 7 }}" width="{{ $length($value) }}" height="14"/>
  @elseif ($picture !== null)<image href="{{ $picture->smallest() }}" x="{{ $at }}" width="{{ $side }}" height="{{ $h }}" preserveAspectRatio="xMidYMid slice"/>
  @elseif ($value === null || $value === '' || $type instanceof PictureType)
  <rect class="stroke-thread-2" x="{{ $at + 0.5 }}" y=".5" fill="none" stroke-dasharray="3 3" width="{{ $side - 1 }}" height="{{ $h - 1 }}"/>
  @else<rect class="fill-paper-3" x="{{ $at }}" width="{{ $side }}"  height="{{ $h }}"/>
  <text class="fill-ink-1 text-mini" x="{{ $at + 4 }}" y="{{ $middle + 4 }}">{{ Str::limit($say($value), (int) ($side / 6), '…') }}</text>
  @endif
  @endforeach
  <path class="stroke-current" fill="none" d="M{{ $side + 4 }} {{ $middle }}h9m-3-3 3 3-3 3"/></svg>
