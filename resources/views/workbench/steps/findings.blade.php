@php($finding = $bench->openFinding())
@php($list = $bench->findingsHere())
@if ($finding !== null)
<section class="opened" aria-label="Findings">
  @if (count($list) > 1)
  <ul class="finding-list">@foreach ($list as $f)<li><button type="button" class="act" @if ($f->key === $finding->key) aria-current="true" @endif hx-get="{{ $bench->address('colors') }}?open_scheme={{ $f->scheme }}&amp;open_path={{ $bench->selected }}&amp;open_finding={{ urlencode($f->key) }}" hx-target="#bench" hx-swap="morph:innerHTML"><x-diamond :severity="$f->severity"/> {{ $f->title }} {{ Ikat\Core\Check\ContrastFinding::say($f->measure) }}</button></li>@endforeach</ul>
  @endif
  <p class="finding-head"><x-diamond :severity="$finding->severity"/> <b>{{ ucfirst($finding->title) }}</b> <span>{{ Ikat\Core\Check\ContrastFinding::say($finding->measure) }} : 1, needs {{ Ikat\Core\Check\ContrastFinding::say($finding->target) }}</span> <small>{{ $finding->clause }}</small></p>
  <p class="finding-where">@if ($finding->places === [])No part of the shop wears this pair at present{{ $finding->severity === Ikat\Core\Check\Severity::Know ? "" : ", but a season will" }}.@else In {{ $finding->placeCount() }} {{ $finding->placeCount() === 1 ? 'place' : 'places' }}: {{ implode(', ', array_map(fn ($p) => App\Looks\SamplePages::LABELS[$p], array_keys($finding->places))) }}.@endif</p>
  @if ($edits)
  <div class="fixes">
    @foreach ($bench->fixes($finding) as $fix)
    <button type="button" class="fix" hx-post="{{ $bench->address('edits') }}" hx-include="#state" hx-vals="{{ json_encode(['changes' => json_encode($fix->changes)]) }}" hx-target="#bench" hx-swap="morph:innerHTML">
      <svg viewBox="0 0 120 26" aria-hidden="true"><rect width="120" height="26" fill="{{ $finding->groundColor }}"/><text x="10" y="18" fill="{{ $finding->inkColor }}">Aa 30</text><path d="M57 13h8m-3-3 3 3-3 3" fill="none" stroke="{{ $finding->inkColor }}"/>@if ($fix->change === 'ground')<rect x="72" width="48" height="26" fill="{{ $fix->hex }}"/>@endif<text x="76" y="18" fill="{{ $fix->change === 'ink' ? $fix->hex : $finding->inkColor }}">Aa 30</text></svg>
      <b>{{ $fix->title }}</b><span>{{ $fix->words }}</span>
    </button>
    @endforeach
  </div>
  @endif
</section>
@endif
