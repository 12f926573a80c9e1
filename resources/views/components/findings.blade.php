@props(['bench', 'findings'])
<ul class="step-findings grid gap-0.75 text-[12px]" aria-label="Findings of this step">
  @foreach ($findings as $finding)
  <li><x-diamond :severity="$finding->severity()"/> <a class="act" href="{{ $bench->addressOf($finding) }}" data-open>{{ $finding->inWords($bench->inspection()) }}</a> <span
    class="text-ink-2">{{ $finding->measured() }}</span></li>
  @endforeach
</ul>
