@use('App\Storeroom\WayWish')
@use('Ikat\Core\Store\Variant')
{{-- The ways a product comes: the values of its last option across, those of the others down, and what is said of each where they meet. --}}
@php($ways = Ikat\Core\Store\Goods::variants($row))
@php($across = array_values($ways->options)[count($ways->options) - 1] ?? [])
@php($down = $ways->areThere() ? array_values(array_unique(array_map(
    fn (string $w): string => implode(Variant::BETWEEN, array_slice(explode(Variant::BETWEEN, $w), 0, -1)), $ways->every()))) : [])
@php($there = count($ways->named))
@php($out = count(array_filter($ways->named, fn (Variant $v): bool => ! $v->isSold())))
@php($note = match (true) {
    ! $ways->areThere() => 'one way, as it is',
    ! $ways->haveStock() => 'all taken from the '.($row['stock'] ?? 'stock nobody counts'),
    default => ($ways->stock() ?? 'not counted')." of $there ways".($out > 0 ? ", $out out" : ''),
})
<x-tool id="t-ways" :title="$ways->areThere() ? 'Stock by '.mb_strtolower(implode(' and ', array_keys($ways->options))) : 'Ways it comes'" :note="$note">
  @if ($ways->areThere())
  <div class="way-parts inline-flex border border-edge" role="radiogroup" aria-label="What is shown of each way">@foreach (WayWish::PARTS as $part => $label)<label
    class="way-part"><input type="radio" name="way-part" value="{{ $part }}" @checked($loop->first)><span>{{ $label }}</span></label>@endforeach</div>
  <div class="overflow-x-auto" tabindex="0" role="region" aria-label="Each way it comes">
  <table class="ways" data-ways="{{ $bench->address('storeroom/ways') }}" data-record="{{ $id }}">
    <thead><tr><td></td>@foreach ($across as $value)<th scope="col">{{ $value }}</th>@endforeach<th scope="col" class="way-sum">all</th></tr></thead>
    <tbody>
    @php($most = max(1, ...array_map(fn (Variant $v): int => (int) $v->stock, array_values($ways->named) ?: [new Variant('')])))
    @foreach ($down as $begun)
    <tr><th scope="row">{{ $begun === '' ? 'all' : $begun }}</th>
      @foreach ($across as $value)
      @php($called = $begun === '' ? $value : $begun.Variant::BETWEEN.$value)
      @php($way = $ways->named[$called] ?? null)
      @php($isOut = $way !== null && ! $way->isSold() || $way === null && $ways->haveStock())
      <td @class(['is-out' => $isOut])>
        @if ($way?->stock > 0)@php($tall = max(2, (int) round(20 * $way->stock / $most)))<svg class="way-bar" width="8" height="22" aria-hidden="true"><rect
          width="8" y="{{ 22 - $tall }}" height="{{ $tall }}"/></svg>@endif
        @foreach (WayWish::PARTS as $part => $label)
        @php($is = match ($part) {
            'stock' => $way === null ? '' : (string) ($way->stock ?? WayWish::UNCOUNTED),
            'more' => $way === null || $way->more === 0 ? '' : Ikat\Core\Store\Cell\MoneyCell::figures($way->more),
            'weight' => (string) $way?->weight,
            default => $way?->picture === null ? '' : $panel->names->nameOf('picture', $way->picture),
        })
        <input class="way-{{ $part }}" value="{{ $is }}" data-way="{{ $called }}" data-part="{{ $part }}" data-stood="{{ $is }}" aria-label="{{ $called }}, {{ $label }}" autocomplete="off"
          @if ($part === 'picture') list="storeroom-pictures" @endif @readonly(! $edits)
          placeholder="{{ match (true) { $part === 'weight' => (string) $row['weight'], $part === 'more' => '0', $part === 'stock' && $ways->haveStock() => 'not made', default => '' } }}">
        @endforeach
      </td>
      @endforeach
      @php($sum = array_filter($ways->named, fn (string $w): bool => $begun === '' || str_starts_with($w, $begun.Variant::BETWEEN), ARRAY_FILTER_USE_KEY))
      <td class="way-sum">{{ $ways->haveStock() ? array_sum(array_map(fn (Variant $v): int => (int) $v->stock, $sum)) : '' }}</td>
    </tr>
    @endforeach
    </tbody>
    <tfoot><tr><th scope="row">all</th>@foreach ($across as $value)<td class="way-sum">{{ $ways->haveStock() ? array_sum(array_map(
      fn (Variant $v): int => (int) $v->stock, array_filter($ways->named, fn (string $w): bool => $w === $value || str_ends_with($w, Variant::BETWEEN.$value),
      ARRAY_FILTER_USE_KEY))) : '' }}</td>@endforeach<td class="way-sum">{{ $ways->haveStock() ? $ways->stock() ?? 'any' : '' }}</td></tr></tfoot>
  </table>
  </div>
  <p class="text-small text-ink-2">{{ $ways->haveStock() ? 'Emptied stock: this way is not made. “any”: it is not counted.' :
    'Type how many there are of one: from then on only ways with a number are sold.' }}</p>
  @endif
  @include('workbench.storeroom.control', ['column' => $of('options')])
</x-tool>
