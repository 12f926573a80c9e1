@use('Ikat\Core\Color\SeenDifference')
@use('Ikat\Core\Check\Severity')
@use('Ikat\Core\Contrast\ContrastFinding')
@use('Ikat\Core\Contrast\ContrastFixes')
@use('Ikat\Core\Contrast\RepairAll')
@php($faint = array_filter($bench->findings(), fn ($f) => $f instanceof ContrastFinding && $f->severity !== Severity::Know))
@if ($faint !== [] && $edits)
<x-tool id="t-mend" :title="'Fix all '.count($faint).' at once'" note="fixes that hold together">
  @if ($panel->isOpenedWith('mend'))
  @php($plan = RepairAll::of($input))
  @if ($plan->changes !== [])
  <ul class="near grid gap-1.5">
    @foreach ($plan->steps as $change)
    <li class="grid grid-cols-[48px_1fr] items-center gap-x-2.5 gap-y-0.5"><x-swatch :colors="[$change['from'], $change['to']]" w="48" h="20"/>
      <span class="text-ink-2">{{ $change['label'] }} becomes {{ $change['says'] }}, {{ ContrastFixes::visibility($change['difference']) }}
        ({{ SeenDifference::inWords($change['difference']) }})</span></li>
    @endforeach
  </ul>
  <p class="mt-2"><x-edit look="publish" :$bench :changes="$plan->changes" :tries="true">Make {{ count($plan->changes) === 1 ? 'this change' : 'these '.count($plan->changes).' changes' }}</x-edit>
    One edit; every pair of each color holds, and none that was readable is lost.</p>
  @endif
  @if ($plan->left !== [])<ul class="step-findings grid gap-0.75 text-[12px]">@foreach ($plan->left as $sentence)<li><x-diamond severity="fix"/> {{ $sentence }}</li>@endforeach</ul>@endif
  @else
  @php($query = http_build_query(['mend' => 1, 'open_part' => 'pairs', 'shown' => $panel->shown, 'open_scheme' => $panel->scheme, 'open_path' => $panel->selected]))
  <p><button type="button" class="act" hx-get="{{ $bench->address('colors') }}?{{ $query }}">Show what would fix {{ count($faint) === 1 ? 'it' : 'them' }}</button></p>
  @endif
</x-tool>
@endif
