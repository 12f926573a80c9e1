@php($totals = $shop->visitor->totals())
@php($offer = $shop->visitor->cart()?->deliveryOffer)
<dl class="totals">
  <dt><x-say :shop="$shop" k="goods"/></dt><dd>{{ $shop->amount($totals->goods) }}</dd>
  @if ($totals->off > 0)<dt>{{ $shop->visitor->cart()->code }}</dt><dd class="reduced">−{{ $shop->amount($totals->off) }}</dd>@endif
  @if ($offer)<dt>{{ $offer->name }}</dt><dd>@if ($totals->delivery === 0)<x-say :shop="$shop" k="free"/>@else{{ $shop->amount($totals->delivery) }}@endif</dd>@endif
  <dt class="whole"><x-say :shop="$shop" k="total"/></dt><dd class="whole">{{ $shop->amount($totals->total) }}</dd>
</dl>
