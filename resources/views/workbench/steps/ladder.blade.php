@php($x = static fn (?float $hue): float => $hue === null ? 34 : 62 + $hue / 360 * 322)
@php($taken = [])
@php($y = static fn (float $l): float => 8 + (1 - $l) * 78)
<svg class="draw ladder" viewBox="0 0 398 104" role="group" aria-label="Brand colors by hue and lightness">
  @foreach ([100, 50, 0] as $l)<path class="axis" d="M22 {{ $y($l / 100) }}H398"/><text x="17" y="{{ $y($l / 100) + 4 }}" text-anchor="end">{{ $l }}</text>@endforeach
  @foreach (['red' => 29, 'yellow' => 100, 'green' => 145, 'teal' => 190, 'blue' => 260, 'violet' => 305, 'pink' => 350] as $name => $hue)<text x="{{ round($x($hue), 1) }}" y="101" text-anchor="middle">{{ $name }}</text>@endforeach
  <text x="34" y="101" text-anchor="middle">no hue</text>
  @foreach ($theme->brandColors as $key => $label)
  @php([$l, $c, $h] = Ikat\Core\Color\Color::parse($input->look->text("brand.$key"))->to(Ikat\Core\Color\ColorSpace::Oklch)->coordinates())
  @php($cx = round($x($c < 0.03 ? null : $h) + ($c < 0.03 ? ($loop->index % 2 ? 4 : -4) : 0), 1))
  @php($labelY = $y($l ?? 0) + 4)
  @foreach ($taken as [$tx, $ty])@if (abs($tx - $cx) < 64 && abs($ty - $labelY) < 12)@php($labelY = $labelY < $ty ? $ty - 12 : $ty + 12)@endif @endforeach
  @php($taken[] = [$cx, $labelY])
  <g class="plate" role="button" tabindex="0" aria-label="{{ $label }}, {{ $input->look->text("brand.$key") }}" aria-pressed="{{ $bench->selected === "brand.$key" ? 'true' : 'false' }}" data-reach="brand.{{ $key }}" hx-get="{{ $bench->address('colors') }}?open_path=brand.{{ $key }}&amp;open_scheme={{ $bench->scheme }}" data-press-keys hx-target="#bench" hx-swap="morph:innerHTML">
    <rect x="{{ $cx - 13 }}" y="{{ round($y($l ?? 0) - 7, 1) }}" width="26" height="14" fill="var(--brand-{{ $key }})"/>
    <text x="{{ $cx + 17 }}" y="{{ round($labelY, 1) }}" class="halo">{{ $label }}</text>
  </g>
  @endforeach
</svg>
