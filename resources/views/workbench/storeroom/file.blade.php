@use('App\Storeroom\TakeIn')
@php($file = $panel->file)
@php($kind = $panel->kind)
@php($outlook = $file->outlook())
@php($example = TakeIn::example($file))
@php($mapped = $file->columns['columns'])
@php($targets = array_values(array_filter($kind->columns, $kind->isInFiles(...))))
@php($order = array_flip(array_map(fn ($c) => $c->key, $targets)))
@php($row = 21)
@php($tall = 24 + $row * max(count($file->heads), count($targets)))
<div tabindex="0" role="region" aria-label="What the file would change" class="file-outlook grid grid-cols-[300px_minmax(0,1fr)_220px] gap-x-4">
  <div>
    <h3 class="sr-only">Columns</h3>
    <svg class="draw joins" viewBox="0 0 300 {{ $tall }}" width="300" height="{{ $tall }}" role="img"
      aria-label="{{ count($mapped) }} of {{ count($file->heads) }} columns of the file are joined to columns of the store">
      <text x="0" y="12">in the file</text><text x="300" y="12" text-anchor="end">in the storeroom</text>
      @foreach ($file->heads as $i => $head)
      @php($y = 24 + $row * $i + 10)
      <text class="join-head" x="0" y="{{ $y + 4 }}">{{ Str::limit($head === '' ? 'column '.($i + 1) : $head, 15) }}</text>
      <text x="{{ 150 }}" y="{{ $y + 4 }}" text-anchor="end">{{ Str::limit($example[$i] ?? '', 10) }}</text>
      <circle cx="158" cy="{{ $y }}" r="3"/>
      @isset($mapped[$i])
      @php($to = 24 + $row * $order[$mapped[$i]] + 10)
      <path @class(['join', 'is-guessed' => ($file->columns['by'][$i] ?? '') === 'values']) d="M161 {{ $y }}C185 {{ $y }} 177 {{ $to }} 201 {{ $to }}"/>
      @endisset
      @endforeach
      @foreach ($targets as $i => $column)
      @php($y = 24 + $row * $i + 10)
      @php($isJoined = in_array($column->key, $mapped, true))
      <circle cx="204" cy="{{ $y }}" r="3" @class(['is-free' => ! $isJoined])/><text x="212" y="{{ $y + 4 }}" @class(['join-head' => $isJoined])>{{ $column->label }}</text>
      @endforeach
    </svg>
  </div>
  @if ($outlook === null)
  <p class="col-span-2">{{ $file->state->isUnderWay() ? 'What it would change stands here when it has been gone through.' : 'It has not been gone through.' }}</p>
  @else
  <div class="min-w-0">
    <h3 class="font-semibold">{{ number_format($outlook->counts['changed']) }} changed <small class="font-normal text-ink-2">{{ implode(', ', array_map(fn ($key, $many) =>
      $kind->column($key)->label.' in '.number_format($many), array_keys($outlook->columns), $outlook->columns)) }}</small></h3>
    @if ($outlook->shifts !== [])
    @php($most = max($outlook->shifts))
    @php($ends = [min(-5, array_key_first($outlook->shifts)), max(5, array_key_last($outlook->shifts))])
    @php($clipped = [max(-60, $ends[0]), min(60, $ends[1])])
    @php($x = fn (int $percent) => 8 + round(304 * ($percent - $clipped[0]) / max(1, $clipped[1] - $clipped[0]), 1))
    <svg class="draw" viewBox="0 0 320 62" width="320" height="62" role="img"
      aria-label="How far prices move: {{ implode(', ', array_map(fn ($p, $n) => "$n by $p percent", array_keys($outlook->shifts),
      $outlook->shifts)) }}">
      <path class="axis" d="M4 44H316"/>
      @foreach ($outlook->shifts as $percent => $many)
      @php($at = $x(max($clipped[0], min($clipped[1], $percent))))
      @php($high = max(4, round(36 * $many / $most)))
      <rect @class(['shift', 'is-same' => $percent === 0, 'is-far' => abs($percent) > 60]) x="{{ $at - 2.5 }}" y="{{ 44 - $high }}" width="5" height="{{ $high }}"/>
      @endforeach
      <text x="{{ $x(0) }}" y="58" text-anchor="middle" class="join-head">same</text>@if ($x(0) > 60)<text x="4" y="58">{{ str_replace('-', '−', (string) $ends[0]) }}%</text>@endif<text x="316"
        y="58" text-anchor="end">+{{ $ends[1] }}%</text>
    </svg>
    @endif
    @if ($outlook->changed !== [])
    <table class="outlook-rows w-full"><caption class="sr-only">Changed, old and new</caption><tbody>
      @foreach ($outlook->changed as $each)
      @foreach ($each['cells'] as $key => [$old, $new])
      <tr @class(['is-far' => $key === 'price' && abs($each['shift'] ?? 0) > 60])>@if ($loop->first)<th scope="row" rowspan="{{ count($each['cells']) }}">@if (abs($each['shift'] ?? 0) > 60)<x-diamond
        severity="fix"/> @endif{{ $each['called'] }}</th>@endif<td class="text-ink-2">{{ $kind->column($key)->label }}</td><td class="at-end"><s
        class="text-ink-2">{{ $old === '' ? 'none' : $old }}</s> <span
        aria-label="becomes">→</span> <b>{{ $new === '' ? 'none' : $new }}</b></td><td
          class="at-end text-ink-2">@if ($key === 'price' && $each['shift'] !== null){{ ($each['shift'] > 0 ? '+' : '').str_replace('-', '−',
        (string) $each['shift']) }}%@endif</td></tr>
      @endforeach
      @endforeach
    </tbody></table>
    @if ($outlook->counts['changed'] > count($outlook->changed))<p class="text-ink-2">and {{ number_format($outlook->counts['changed'] - count($outlook->changed)) }} more</p>@endif
    @endif
    <p class="pt-1 text-ink-2">{{ number_format($outlook->counts['same']) }} as they are</p>
  </div>
  <div class="min-w-0">
    <h3 class="border-b border-ink-1 font-semibold">{{ number_format($outlook->counts['refused']) }} refused <small class="font-normal text-ink-2">stay out until mended</small></h3>
    <ol class="outlook-refused">
      @foreach ($outlook->refused as $each)
      <li><b>{{ $each['row'] }}</b> <span><b>{{ $each['column'] }}@if ($each['typed'] !== '') “{{ $each['typed'] }}”@endif</b> @if ($each['called'] !== '' && $each['called'] !== $each['typed'])<span
        class="text-ink-2">{{ $each['called'] }}</span>@endif<br>{{ $each['why'] }}</span></li>
      @endforeach
    </ol>
    @if ($outlook->counts['refused'] > count($outlook->refused))<p class="text-ink-2">and {{ number_format($outlook->counts['refused'] - count($outlook->refused)) }} more</p>@endif
    <h3 class="mt-2 border-b border-ink-1 font-semibold">{{ number_format($outlook->counts['new']) }} new</h3>
    <ol class="outlook-refused">@foreach ($outlook->made as $each)<li><b>{{ $each['row'] }}</b> <span>{{ $each['called'] }}</span></li>@endforeach</ol>
    @if ($outlook->counts['new'] > count($outlook->made))<p class="text-ink-2">and {{ number_format($outlook->counts['new'] - count($outlook->made)) }} more</p>@endif
  </div>
  @endif
</div>
