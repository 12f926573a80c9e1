@use('App\Storefront\SamplePages')
@use('Ikat\Core\Check\Severity')
@use('Ikat\Core\Contrast\ContrastFinding')
@php($finding = $panel->openFinding())
@php($list = $panel->findingsHere())
@if ($finding !== null)
@php($places = $finding->placeCount())
@php($query = fn ($f) => http_build_query(['open_scheme' => $f->scheme, 'open_part' => $open, 'open_path' => $panel->selected, 'open_finding' => $f->key]))
<section class="opened sticky bottom-0 -mx-4 mt-auto border-t-2 border-blue bg-blue-wash px-4 pt-2 pb-2.5" aria-label="Findings">
  @if (count($list) > 1)
  <ul class="finding-list mb-1 flex max-h-13 flex-wrap gap-x-3.5 overflow-y-auto">
    @foreach ($list as $f)
    <li><button type="button" class="act font-normal" @if ($f->key === $finding->key) aria-current="true" @endif hx-get="{{ $bench->address('colors') }}?{{ $query($f) }}"><x-diamond
      :severity="$f->severity"/>
      {{ $f->title }} {{ ContrastFinding::ratioText($f->measure) }}</button></li>
    @endforeach
  </ul>
  @endif
  <p class="finding-head flex items-center gap-1.5"><x-diamond :severity="$finding->severity"/> <b>{{ ucfirst($finding->title) }}</b>
    <span>{{ ContrastFinding::ratioText($finding->measure) }} : 1, needs {{ ContrastFinding::ratioText($finding->target) }}</span> <small
      class="ml-auto text-[11px] text-ink-2">{{ $finding->clause }}</small></p>
  <p class="mb-1.25 text-[12px] text-ink-2">@if ($finding->places === [])No part of the shop shows this pair at present{{ $finding->severity === Severity::Know ? '' : ', but a season will' }}.
    @else In {{ $places }} {{ $places === 1 ? 'place' : 'places' }}: {{ implode(', ', array_map(fn ($p) => SamplePages::labels()[$p], array_keys($finding->places))) }}.@endif</p>
  @include('workbench.colors.fixes')
</section>
@endif
