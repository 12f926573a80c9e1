@use('App\Storefront\Money')
@use('Ikat\Core\Store\Cell\MoneyCell')
@php($cart = $panel->testCart())
@php($currency = $panel->store->currency)
@php($tried = $panel->tried())
@php($reach = $cart->reach())
@php($line = $cart->line())
@php($most = max($reach, ...array_column($line, 1)))
@php($x = fn (int $cents) => round(34 + 356 * min(1, $cents / $reach), 1))
@php($y = fn (int $cents) => round(104 - 96 * $cents / $most, 1))
<x-tool id="t-try" title="Try it in a cart" note="as the shop reckons now">
  <svg class="draw" viewBox="0 0 398 124" role="img" aria-label="What is paid for goods from nothing to {{ Money::exact($reach, $currency) }}">
    <path class="axis" d="M34 104H392M34 8V104"/><path class="try-plain" d="M{{ $x(0) }} {{ $y(0) }}L{{ $x($reach) }} {{ $y($reach) }}"/>
    <path class="try-paid" d="M{{ implode('L', array_map(fn ($p) => $x($p[0]).' '.$y($p[1]), $line)) }}"/>
    <path class="try-now" d="M{{ $x($tried) }} 8V104"/>
    <text x="34" y="119">goods for 0</text><text x="392" y="119" text-anchor="end">{{ Money::exact($reach, $currency) }}</text><text class="price-when" x="{{ min(330, $x($tried) + 4) }}"
      y="16">{{ Money::exact($tried, $currency)
      }}</text><text x="30" y="100" text-anchor="end">paid</text>
  </svg>
  <form class="control flex flex-wrap items-center gap-x-3" hx-get="{{ $bench->address($panel->isOver ? 'storeroom/over' : 'storeroom') }}" @unless ($panel->isOver)
    hx-include="#state" @endunless hx-trigger="change, submit">
    <label class="flex items-center gap-2">goods for <input class="entry w-22! text-right" name="open_try" value="{{ MoneyCell::figures($tried) }}" inputmode="decimal" autocomplete="off"></label>
    <label class="flex items-center gap-2">grams <input class="entry w-18! text-right" name="open_grams" value="{{ $panel->triedGrams() }}" inputmode="numeric" autocomplete="off"></label>
    @if (count($panel->store->countries ?? []) > 1)<label class="flex items-center gap-2">to <select class="entry" name="open_to">@foreach ($panel->store->countries as $country)<option
      @selected($country === $panel->triedCountry())>{{ $country }}</option>@endforeach</select></label>@endif
  </form>
  <table class="outlook-rows w-full"><caption class="sr-only">What is paid</caption><tbody>
    @foreach ($cart->at($tried) as $offer => $totals)
    <tr><th scope="row">{{ $offer }}</th>@if ($totals === null)<td colspan="4" class="text-ink-2">does not take this there</td>@else<td>@if ($totals->off > 0)−{{
      Money::exact($totals->off, $currency) }}@endif</td><td class="at-end">{{ $totals->delivery === 0 ? 'delivery free' : '+'.Money::exact($totals->delivery, $currency) }}</td><td
      class="at-end">@if ($totals->tax > 0){{ $totals->isTaxWithin ? 'tax in it' : '+' }}{{ $totals->isTaxWithin ? ' ' : '' }}{{ Money::exact($totals->tax, $currency) }}{{
      $totals->isTaxWithin ? '' : ' tax' }}@endif</td><td class="at-end"><b>{{ Money::exact($totals->total, $currency) }}</b></td>@endif</tr>
    @endforeach
  </tbody></table>
  @php($refusal = $cart->refusal($tried))
  @if ($refusal !== null)<p><x-diamond severity="fix"/> {{ ['not-yet' => 'It has not begun yet.', 'over' => 'It has ended.', 'too-little' => 'It counts from a larger sum.', 'used-up' =>
    'It has been used as often as it can be.', 'not-on-these' => 'It is for other goods.'][$refusal->value] }}</p>@endif
</x-tool>
<x-tool id="t-promise" title="Who promises it" :note="$panel->record()->promises() === [] ? 'no words of any look speak of it' : ''">
  <ul class="grid gap-0.5">@foreach ($panel->record()->promises() as [$label, $address, $words])<li><a class="act font-normal" href="{{ $address }}" data-open>{{ $label }}</a> <span
    class="text-ink-2">“{{ Str::limit($words, 70)
    }}”</span></li>@endforeach</ul>
</x-tool>
