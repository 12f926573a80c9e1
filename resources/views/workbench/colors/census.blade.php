@use('Ikat\Core\Color\Color')
@use('Ikat\Core\Color\ColorSpace')
@use('Ikat\Core\Palette\ColorCensus')
@php($all = ColorCensus::colors($input))
@php($near = array_slice(ColorCensus::nearDuplicates($input), 0, 6))
@php($pages = ColorCensus::pages($input))
@php($brand = array_map(fn ($key) => $input->look->text("brand.$key"), array_keys($theme->brandColors)))
<svg class="draw all-colors" viewBox="0 0 398 92" role="img" aria-label="All {{ count($all) }} colors of the look by hue and lightness; brand colors are framed">
  @foreach ([100, 50, 0] as $l)
  @php($y = (1 - $l / 100) * 78)
  <path class="axis" d="M22 {{ 6 + $y }}H398"/><text x="17" y="{{ 10 + $y }}" text-anchor="end">{{ $l }}</text>
  @endforeach
  @foreach ($all as $hex => $paths)
  @php([$l, $c, $h] = Color::parse((string) $hex)->to(ColorSpace::Oklch)->numbers())
  @php($x = $c < 0.03 ? 28 + $loop->index % 5 * 5 : 62 + $h / 360 * 322)
  <rect x="{{ round($x - 6, 1) }}" y="{{ round(6 + (1 - $l) * 78 - 5, 1) }}" width="12" height="10" fill="{{ $hex }}" class="{{ in_array($hex, $brand, true) ? 'is-brand' : 'is-role' }}"/>
  @endforeach
</svg>
<p class="py-0.75 text-ink-2">{{ count($all) }} colors in {{ count($theme->schemes) }} schemes, {{ count(array_unique($brand)) }} of them brand colors.</p>
@if ($near === [])
<p class="py-0.75 text-ink-2">No two of them are hard to tell apart.</p>
@else
<x-subheading :title="'Nearly the same, hard to tell apart'"/>
<ul class="near mb-2 grid gap-1.5">
  @foreach ($near as $pair)
  @php($count = count($pair['changes']))
  <li class="grid grid-cols-[48px_1fr] items-center gap-x-2.5 gap-y-0.5"><x-swatch :colors="[$pair['keep'], $pair['drop']]" w="48" h="20"/>
    <span class="text-ink-2">{{ $pair['drop'] }} is {{ round($pair['difference'], 1) }} from {{ $pair['to'] }} {{ $pair['keep'] }}</span>
    @if ($edits)<x-edit :$bench :changes="$pair['changes']" :tries="true"
      class="col-start-2 justify-self-start">Link {{ $count === 1 ? 'it' : "its $count places" }} to {{ $pair['to'] }}</x-edit>@endif</li>
  @endforeach
</ul>
@endif
<details><summary>Colors on each page</summary>
<table class="w-full border-collapse *:[thead]:border-b *:[thead]:border-thread [&_:is(td,th)]:text-left">
  <thead><tr><th scope="col">Page</th><th scope="col">Colors</th><th scope="col">Brought by</th></tr></thead>
  <tbody>
    @foreach ($pages as $page => $told)
    <tr><th class="font-normal" scope="row">{{ App\Storefront\SamplePages::labels()[$page] ?? $page }}</th><td
      class="text-ink-2">{{ count($told['colors']) }}@if (count($told['colors']) > ColorCensus::MANY), many @endif</td>
      <td class="text-ink-2">{{ implode(', ', array_map(fn ($scheme, $n) => "{$theme->schemes[$scheme]} $n", array_keys($told['schemes']), $told['schemes'])) }}</td></tr>
    @endforeach
  </tbody>
</table>
<p class="py-0.75 text-ink-2">More than {{ ColorCensus::MANY }} on one page begin to look restless (common practice).</p></details>
