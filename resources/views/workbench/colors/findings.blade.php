@php($finding = $panel->openFinding())
@php($list = $panel->findingsHere())
@if ($finding !== null)
<section class="opened" aria-label="Findings">
  @if (count($list) > 1)
  <ul class="finding-list">@foreach ($list as $f)<li><button type="button" class="act" @if ($f->key === $finding->key) aria-current="true" @endif hx-get="{{ $bench->address('colors') }}?open_scheme={{ $f->scheme }}&amp;open_part={{ $open }}&amp;open_path={{ $panel->selected }}&amp;open_finding={{ urlencode($f->key) }}"><x-diamond :severity="$f->severity"/> {{ $f->title }} {{ Ikat\Core\Contrast\ContrastFinding::ratioText($f->measure) }}</button></li>@endforeach</ul>
  @endif
  <p class="finding-head"><x-diamond :severity="$finding->severity"/> <b>{{ ucfirst($finding->title) }}</b> <span>{{ Ikat\Core\Contrast\ContrastFinding::ratioText($finding->measure) }} : 1, needs {{ Ikat\Core\Contrast\ContrastFinding::ratioText($finding->target) }}</span> <small>{{ $finding->clause }}</small></p>
  <p class="finding-where">@if ($finding->places === [])No part of the shop wears this pair at present{{ $finding->severity === Ikat\Core\Check\Severity::Know ? "" : ", but a season will" }}.@else In {{ $finding->placeCount() }} {{ $finding->placeCount() === 1 ? 'place' : 'places' }}: {{ implode(', ', array_map(fn ($p) => App\Storefront\SamplePages::labels()[$p], array_keys($finding->places))) }}.@endif</p>
  @include('workbench.colors.fixes')
</section>
@endif
