@use('App\Workbench\Seasons\SeasonsPanel')
@use('Ikat\Core\Setting\Catalog\Parts')
@php($scale = $panel->scale())
@php($lanes = $panel->lanes())
@php($open = $panel->open())
@php($look = $bench->inspection()->look)
@php($edits = $bench->edits())
@php($now = $panel->now())
@php($right = $scale->left + $scale->width)
@php($row = 28)
@php($top = 40)
@php($tall = $top + $row * max(1, count($lanes)) + 6)
{{-- A strip of cloth, both ends feathered where the season begins and ends; cut straight where it goes on. --}}
@php($strip = function (float $a, float $b, float $y, bool $begins, bool $ends): string {
    $w = max(3, $b - $a);
    $in = min(4, $w / 3);
    $left = $begins ? [0, $in, $in / 2, $in, 0] : [0, 0, 0, 0, 0];
    $far = $ends ? [0, $in, $in / 2, $in, 0] : [0, 0, 0, 0, 0];
    $d = 'M'.round($a + $left[0], 1).' '.$y;
    foreach ($far as $i => $inset) {
        $d .= 'H'.round($a + $w - $inset, 1).'v4';
    }
    foreach (array_reverse($left) as $inset) {
        $d .= 'H'.round($a + $inset, 1).'v-4';
    }

    return $d.'z';
})
<div class="flex flex-wrap items-center gap-x-4 gap-y-0.75 pb-1">
  <span class="flex gap-x-3" role="group" aria-label="How much the board shows">
    @foreach (SeasonsPanel::SPANS as $months => $words)<a class="act" href="{{ $panel->boardAddress($months) }}" hx-get="{{ $panel->boardAddress($months) }}" @if ($months === $panel->span)
      aria-current="true" @endif>{{ $words }}</a>@endforeach
  </span>
  <span class="flex gap-x-3"><a class="act" href="{{ $panel->boardAddress($panel->span, -max(1, intdiv($panel->span, 4))) }}"
    hx-get="{{ $panel->boardAddress($panel->span, -max(1, intdiv($panel->span, 4))) }}">earlier</a><a
    class="act" href="{{ $panel->boardAddress($panel->span, max(1, intdiv($panel->span, 4))) }}" hx-get="{{ $panel->boardAddress($panel->span, max(1, intdiv($panel->span, 4))) }}">later</a></span>
</div>
@if ($lanes === [])
<p>No season yet. Add one on the bench: it swaps banners, words and colors for as long as it runs, and takes them off by itself.</p>
@endif
<svg class="year" viewBox="0 0 818 {{ $tall }}" width="818" height="{{ $tall }}" role="group" data-drawing data-year data-from="{{ $scale->from() }}" data-left="{{ $scale->left }}"
  data-width="{{ $scale->width }}" data-day="{{ round($scale->day(), 4) }}" data-now="{{ $now }}"
  aria-label="{{ count($lanes) }} {{ count($lanes) === 1 ? 'season' : 'seasons' }} from {{ SeasonsPanel::inWords($scale->from()) }} to {{ SeasonsPanel::inWords($scale->until()) }}">
  @foreach ($scale->ticks() as $tick)
  @php($x = $scale->at($tick['moment']))
  <path @class(['axis', 'is-month' => $tick['isMonth']]) d="M{{ $x }} {{ $top - 8 }}V{{ $tall - 4 }}"/>
  <text x="{{ $x + 2 }}" y="{{ $top - 12 }}">{{ date($tick['isMonth'] ? ($panel->span > 12 ? 'M Y' : 'M') : 'j', strtotime($tick['moment'])) }}</text>
  @endforeach
  @if ($scale->isWithin($now))<path class="year-now" d="M{{ $scale->at($now) }} {{ $top - 22 }}V{{ $tall - 4 }}"/>@endif
  @foreach ($lanes as $i => $item)
  @php($part = 'season-'.$item->name())
  @php($season = $panel->season($item))
  @php($name = $look->text($item->path('name')))
  @php($y = $top + $row * $i)
  @php($isOpen = $panel->part === $part)
  @php($times = $season?->timesWithin($scale->from(), $scale->until()) ?? [])
  @php($told = SeasonsPanel::datesOf($season))
  @php($to = $panel->boardAddress($panel->span, 0, $part))
  <g @class(['lane', 'is-open' => $isOpen]) role="link" data-mark data-press-keys tabindex="{{ $isOpen || ($panel->tab === $panel->part && $i === 0) ? 0 : -1 }}" hx-get="{{ $to }}"
    aria-label="{{ $name }}: {{ $told }}, swaps {{ count($season->swaps ?? []) }}" @if ($isOpen) aria-current="true" @endif>
    <title>{{ $name }}: {{ $told }}</title>
    <rect class="lane-ground" x="0" y="{{ $y }}" width="{{ $right }}" height="{{ $row }}"/>
    <text class="lane-name" x="6" y="{{ $y + 18 }}">{{ Str::limit($name, 22) }}</text>
    @foreach ($times as $time)
    @php($a = $time['starts'] === null ? $scale->left : $scale->at($time['starts']))
    @php($b = $time['ends'] === null ? $right : $scale->at($time['ends']))
    <path class="year-bar" d="{{ $strip($a, $b, $y + 4, $time['starts'] !== null && $scale->isWithin($time['starts']), $time['ends'] !== null && $scale->isWithin($time['ends'])) }}"/>
    @endforeach
    @if ($times === [])<text x="{{ $scale->left + 6 }}" y="{{ $y + 18 }}">{{ $told }}</text>@endif
  </g>
  @endforeach
  @if ($open !== null && $edits)
  @php($y = $top + $row * array_search($open->item, array_map(fn ($i) => $i->name(), $lanes), true))
  @foreach (['starts' => $open->starts, 'ends' => $open->ends] as $end => $written)
  @foreach ($open->timesWithin($scale->from(), $scale->until()) as $time)
  @if ($written !== null && $scale->isWithin($time[$end]))
  @php($x = $scale->at($time[$end]))
  <g class="handle" role="slider" tabindex="0" data-date="season.{{ $open->item }}.{{ $end }}" data-value="{{ $written }}" data-x="{{ $x }}" aria-label="{{ $open->name }} {{ $end }}"
    aria-valuemin="-3660" aria-valuemax="3660" aria-valuenow="0" aria-valuetext="{{ SeasonsPanel::inWords($written) }}">
    <rect class="handle-room" x="{{ $x - 12 }}" y="{{ $y }}" width="24" height="{{ $row }}"/><path class="handle-mark" d="M{{ $x }} {{ $y + 1 }}v{{ $row - 2 }}m-4 -{{ $row / 2 + 3 }}v8m8 -8v8"/>
    <text class="halo handle-words" x="{{ $x + ($end === 'starts' ? -8 : 8) }}" y="{{ $y + 18 }}"
      text-anchor="{{ $end === 'starts' ? 'end' : 'start' }}">{{ date('M j', strtotime($time[$end])) }}</text></g>
  @break
  @endif
  @endforeach
  @endforeach
  @endif
  <g class="handle clock-knot" role="slider" tabindex="0" data-clock-knot aria-label="Clock of the shop window" aria-valuemin="-3660" aria-valuemax="3660" aria-valuenow="0" aria-valuetext="now">
    <path class="knot-line" d="M0 14V{{ $tall - 4 }}"/><rect class="knot-plate" x="-44" y="0" width="88" height="18"/><text class="knot-words" x="0" y="13" text-anchor="middle">now</text></g>
</svg>
