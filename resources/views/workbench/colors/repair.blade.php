@php($faint = array_filter($bench->findings(), fn ($f) => $f instanceof Ikat\Core\Contrast\ContrastFinding && $f->severity !== Ikat\Core\Check\Severity::Know))
@if ($faint !== [] && $edits)
<section class="tool" aria-labelledby="t-mend"><h2 id="t-mend">Mend all {{ count($faint) }} at once <small>fixes that hold together</small></h2>
  @if ($panel->isOpenedWith('mend'))
  @php($plan = Ikat\Core\Contrast\RepairAll::of($input))
  @if ($plan->changes !== [])
  <ul class="near">@foreach ($plan->steps as $change)<li><svg viewBox="0 0 48 20" width="48" height="20" aria-hidden="true"><rect width="24" height="20" fill="{{ $change['from'] }}"/><rect x="24" width="24" height="20" fill="{{ $change['to'] }}"/></svg><span>{{ $change['label'] }} becomes {{ $change['says'] }}, {{ Ikat\Core\Contrast\ContrastFixes::visibility($change['difference']) }} ({{ round($change['difference'], 1) }} CIEDE2000)</span></li>@endforeach</ul>
  <p><button type="button" class="publish" data-try="{{ $bench->trial($plan->changes) }}" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($plan->changes)]) }}">Make {{ count($plan->changes) === 1 ? 'this change' : 'these '.count($plan->changes).' changes' }}</button> One edit; every pair of each color holds, and none that was readable is lost.</p>
  @endif
  @if ($plan->left !== [])<ul class="step-findings">@foreach ($plan->left as $sentence)<li><x-diamond severity="fix"/> {{ $sentence }}</li>@endforeach</ul>@endif
  @else
  <p><button type="button" class="act" hx-get="{{ $bench->address('colors') }}?mend=1&amp;open_part=pairs&amp;shown={{ $panel->shown }}&amp;open_scheme={{ $panel->scheme }}&amp;open_path={{ urlencode($panel->selected) }}">Show what would mend {{ count($faint) === 1 ? 'it' : 'them' }}</button></p>
  @endif
</section>
@endif
