@use('Ikat\Core\Color\Color')
@use('Ikat\Core\Color\ColorSpace')
@php($x = static fn (?float $hue): float => $hue === null ? 34 : 62 + $hue / 360 * 322)
@php($y = static fn (float $l): float => 8 + (1 - $l) * 78)
@php($taken = [])
<svg class="draw ladder" viewBox="0 0 398 104" role="group" aria-label="Brand colors by hue and lightness">
  @foreach ([100, 50, 0] as $l)<path class="axis" d="M22 {{ $y($l / 100) }}H398"/><text x="17" y="{{ $y($l / 100) + 4 }}" text-anchor="end">{{ $l }}</text>@endforeach
  @foreach (['red' => 29, 'yellow' => 100, 'green' => 145, 'teal' => 190, 'blue' => 260, 'violet' => 305, 'pink' => 350] as $name => $hue)
  <text x="{{ round($x($hue), 1) }}" y="101" text-anchor="middle">{{ $name }}</text>
  @endforeach
  <text x="34" y="101" text-anchor="middle">no hue</text>
  @foreach ($theme->brandColors as $key => $label)
  @php([$l, $c, $h] = Color::parse($input->look->text("brand.$key"))->to(ColorSpace::Oklch)->coordinates())
  @php($cx = round($x($c < 0.03 ? null : $h) + ($c < 0.03 ? ($loop->index % 2 ? 4 : -4) : 0), 1))
  @php($cy = $y($l ?? 0))
  @php($isFree = fn (float $x): bool => array_filter($taken, fn ($at) => abs($at[0] - $x) < 27 && abs($at[1] - $cy) < 14) === [])
  @php($tries = array_filter(array_map(fn ($by) => $cx + $by, [0, 14, -14, 28, -28, 42, -42, 56, -56, 84, -84]), fn ($x) => $x >= 34 && $x <= 384 && $isFree($x)))
  @php($cx = array_values($tries)[0] ?? $cx)
  @php($taken[] = [$cx, $cy])
  <g class="plate" role="button" tabindex="0" aria-label="{{ $label }}, {{ $input->look->text("brand.$key") }}" aria-pressed="{{ $panel->selected === "brand.$key" ? 'true' : 'false' }}"
    data-reach="brand.{{ $key }}"
    hx-get="{{ $bench->address('colors') }}?open_part=brand&amp;open_path=brand.{{ $key }}&amp;open_scheme={{ $panel->scheme }}" data-press-keys>
    <rect x="{{ $cx - 13 }}" y="{{ round($cy - 7, 1) }}" width="26" height="14" fill="var(--brand-{{ $key }})"/>
    <title>{{ $label }}</title>
  </g>
  @endforeach
</svg>
