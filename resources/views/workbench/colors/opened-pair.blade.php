@use('App\Storefront\SamplePages')
@use('App\Workbench\Colors\ColorsPanel')
@use('Ikat\Core\Check\Severity')
@use('Ikat\Core\Contrast\ContrastFinding')
@php($finding = $panel->findingAt($opened))
@php($count = array_sum(array_map(count(...), $opened->places)))
@php($asks = $opened->target === 0.0 ? 'nothing asked' : 'needs '.ContrastFinding::ratioText($opened->target))
@php($inStates = implode(', ', array_map(fn ($s) => ColorsPanel::STATES[$s], $opened->states)).($opened->kinds === [] ? '' : '; '.implode(', ', $opened->kinds)))
@php($where = match (true) {
    $count > 0 => "In $count ".($count === 1 ? 'place' : 'places').': '.implode(', ', array_map(fn ($p) => SamplePages::labels()[$p] ?? $p, array_keys($opened->places))).'.',
    $opened->severity === null || $opened->severity === Severity::Know => 'No part of the shop has it at present.',
    default => 'No part of the shop has it at present, but a season brings it.',
})
<section class="opened-pair -mx-4 mt-1 border-t-2 border-blue bg-blue-wash px-4 pt-2 pb-2.5" aria-label="The open pair">
  <p class="finding-head flex items-center gap-1.5">@if ($opened->severity !== null)<x-diamond :severity="$opened->severity"/>@endif <b>{{ ucfirst($opened->title()) }}</b>
    <span>{{ ContrastFinding::ratioText($opened->ratio) }} : 1, {{ $asks }}</span> <small
      class="ml-auto text-[11px] text-ink-2">{{ $opened->target === 0.0 ? 'inactive, exempt' : $opened->clause }}</small></p>
  <p class="mb-1.25 text-[12px] text-ink-2">{{ $panel->nameOf($opened->set) }}; {{ $inStates }}. {{ $where }}</p>
  @php($query = http_build_query(['open_part' => 'pairs', 'shown' => $panel->shown, 'open_pair' => $opened->key()]))
  @if ($count > 0)@include('workbench.shell.walk', ['url' => $bench->address('pair').'?'.$query, 'what' => $opened->title()])@endif
  @if ($finding !== null)@include('workbench.colors.fixes')@endif
</section>
