@use('App\Storefront\SamplePages')
@use('Ikat\Core\Check\Severity')
@use('Ikat\Core\Contrast\ContrastFinding')
@php($finding = $panel->openFinding())
@php($list = $panel->findingsHere())
@if ($finding !== null)
@php($places = $finding->placeCount())
@php($query = fn ($f) => http_build_query(['open_scheme' => $f->scheme, 'open_part' => $open, 'open_path' => $panel->selected, 'open_finding' => $f->key]))
@php($says = ContrastFinding::ratioText($finding->measure).' : 1, needs '.ContrastFinding::ratioText($finding->target))
@if ($panel->asked('open_finding') === '')
<section class="opened sticky bottom-0 -mx-4 mt-auto flex min-h-7.5 items-center gap-1.5 border-t-2 border-blue bg-blue-wash px-4" aria-label="Findings"><x-diamond :severity="$finding->severity"/>
  <b class="min-w-0 truncate">{{ ucfirst($finding->title) }}</b> <span class="flex-none">{{ $says }}</span>
  <button type="button" class="act ml-auto flex-none" id="finding-open" hx-get="{{ $bench->address('colors') }}?{{ $query($finding) }}">
    {{ count($list) > 1 ? 'Fix it, and '.(count($list) - 1).' more' : 'Fix it' }}</button></section>
@else
<section class="opened -mx-4 mt-auto border-t-2 border-blue bg-blue-wash px-4 pt-2 pb-2.5" aria-label="Findings">
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
    <span>{{ $says }}</span> <small class="ml-auto text-[11px] text-ink-2">{{ $finding->clause }}</small>
    <button type="button" class="act" id="finding-open" hx-get="{{ $panel->address(['open_finding' => '']) }}">Close</button></p>
  <p class="mb-1.25 text-[12px] text-ink-2">@if ($finding->places === [])No part of the shop shows this pair at present{{ $finding->severity === Severity::Know ? '' : ', but a season will' }}.
    @else In {{ $places }} {{ $places === 1 ? 'place' : 'places' }}: {{ implode(', ', array_map(fn ($p) => SamplePages::labels()[$p], array_keys($finding->places))) }}.@endif</p>
  @include('workbench.colors.fixes')
</section>
@endif
@endif
