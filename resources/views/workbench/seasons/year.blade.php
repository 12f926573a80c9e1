@php($from = $bench->localTime(now())->startOfMonth())
@php($x = fn (int $time): float => round(max(0, min(398, ($time - $from->getTimestamp()) / 86400 / 366 * 398)), 1))
@php($seasons = $panel->seasons())
@php($tall = 30 + 20 * max(1, count($seasons)))
@php($told = $seasons === [] ? 'No season yet' : implode('; ', array_map(fn ($s) => $s->name.' from '.($s->starts ?? 'always').' to '.($s->ends ?? 'open'), $seasons)))
<x-tool id="t-year" title="The next twelve months">
<svg class="draw year" viewBox="0 0 398 {{ $tall }}" role="img" aria-label="{{ $told }}">
  @for ($m = 0; $m < 12; $m++)
  @php($month = $from->copy()->addMonths($m))
  <path class="axis" d="M{{ $x($month->getTimestamp()) }} 14V{{ $tall }}"/><text x="{{ $x($month->getTimestamp()) + 2 }}" y="10">{{ $month->format('M') }}</text>
  @endfor
  <path class="stroke-madder" d="M{{ $x(now()->getTimestamp()) }} 12V{{ $tall }}"/>
  @foreach ($seasons as $i => $season)
  @php($moments = $season->changeOvers((int) $from->copy()->addYear()->format('Y')))
  @foreach (array_chunk($moments, 2) as $pair)
  @php($a = $season->starts === null ? 0 : $x($pair[0]->getTimestamp()))
  @php($b = $season->ends === null ? 398 : $x(end($pair)->getTimestamp()))
  @if ($b > $a)
  <path class="year-bar fill-blue" d="M{{ $a }} {{ 22 + 20 * $i }}h2v-3h{{ max(1, $b - $a - 4) }}v3h2v8h-2v3h{{ -max(1, $b - $a - 4) }}v-3h-2z"/>
  <text x="{{ $b < 280 ? $b + 5 : $a - 5 }}" y="{{ 30 + 20 * $i }}" @if ($b >= 280) text-anchor="end" @endif class="halo">{{ $season->name }}</text>
  @endif
  @endforeach
  @endforeach
</svg>
</x-tool>
