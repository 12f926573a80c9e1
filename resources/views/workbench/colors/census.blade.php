@php($all = Ikat\Core\Palette\ColorCensus::colors($input))
@php($near = array_slice(Ikat\Core\Palette\ColorCensus::nearDuplicates($input), 0, 6))
@php($pages = Ikat\Core\Palette\ColorCensus::pages($input))
@php($brand = array_map(fn ($key) => $input->look->text("brand.$key"), array_keys($theme->brandColors)))
<svg class="draw all-colors" viewBox="0 0 398 92" role="img" aria-label="All {{ count($all) }} colors of the look by hue and lightness; brand colors are framed">
  @foreach ([100, 50, 0] as $l)<path class="axis" d="M22 {{ 6 + (1 - $l / 100) * 78 }}H398"/><text x="17" y="{{ 10 + (1 - $l / 100) * 78 }}" text-anchor="end">{{ $l }}</text>@endforeach
  @foreach ($all as $hex => $paths)
  @php([$l, $c, $h] = Ikat\Core\Color\Color::parse((string) $hex)->to(Ikat\Core\Color\ColorSpace::Oklch)->numbers())
  <rect x="{{ round(($c < 0.03 ? 28 : 62 + $h / 360 * 322) - 6 + ($c < 0.03 ? $loop->index % 5 * 5 : 0), 1) }}" y="{{ round(6 + (1 - $l) * 78 - 5, 1) }}" width="12" height="10" fill="{{ $hex }}" @if (in_array($hex, $brand, true)) class="is-brand" @else class="is-role" @endif/>
  @endforeach
</svg>
<p class="logo-note">{{ count($all) }} colors in {{ count($theme->schemes) }} schemes, {{ count(array_unique($brand)) }} of them brand colors.</p>
@if ($near === [])<p class="logo-note">No two of them are nearly the same (closer than {{ Ikat\Core\Palette\ColorCensus::NEAR }} CIEDE2000).</p>
@else
<h3>Nearly the same, closer than {{ Ikat\Core\Palette\ColorCensus::NEAR }} (CIEDE2000)</h3>
<ul class="near">@foreach ($near as $pair)<li><svg viewBox="0 0 48 20" width="48" height="20" aria-hidden="true"><rect width="24" height="20" fill="{{ $pair['keep'] }}"/><rect x="24" width="24" height="20" fill="{{ $pair['drop'] }}"/></svg><span>{{ $pair['drop'] }} is {{ round($pair['difference'], 1) }} from {{ $pair['to'] }} {{ $pair['keep'] }}</span>
  @if ($edits)<button type="button" class="act" data-try="{{ $bench->trial($pair['changes']) }}" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($pair['changes'])]) }}">Let {{ count($pair['changes']) === 1 ? 'it' : 'its '.count($pair['changes']).' places' }} follow {{ $pair['to'] }}</button>@endif</li>@endforeach</ul>
@endif
<details><summary>Colors on each page</summary>
<table class="page-colors"><thead><tr><th scope="col">Page</th><th scope="col">Colors</th><th scope="col">Brought by</th></tr></thead><tbody>@foreach ($pages as $page => $told)<tr><th scope="row">{{ App\Storefront\SamplePages::labels()[$page] ?? $page }}</th><td>{{ count($told['colors']) }}@if (count($told['colors']) > Ikat\Core\Palette\ColorCensus::MANY), many @endif</td><td>{{ implode(', ', array_map(fn ($scheme, $n) => "{$theme->schemes[$scheme]} $n", array_keys($told['schemes']), $told['schemes'])) }}</td></tr>@endforeach</tbody></table>
<p class="logo-note">More than {{ Ikat\Core\Palette\ColorCensus::MANY }} on one page begin to look restless (common practice).</p></details>
