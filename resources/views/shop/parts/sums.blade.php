{{-- What an order comes to, as Totals keeps it, with its code and the name of its delivery. --}}
@php($tax = $sums['tax'] ?? 0)
@php($within = $sums['within'] ?? false)
<dl class="totals">
  <dt><x-say :shop="$shop" k="goods"/></dt><dd>{{ $shop->amount($sums['goods']) }}</dd>
  @if ($sums['off'] > 0)<dt>{{ $sums['code'] }}</dt><dd class="reduced">−{{ $shop->amount($sums['off']) }}</dd>@endif
  @if ($sums['offer'])<dt>{{ $sums['offer'] }}</dt><dd>@if ($sums['delivery'] === 0)<x-say :shop="$shop" k="free"/>@else{{ $shop->amount($sums['delivery']) }}@endif</dd>@endif
  @if ($tax > 0 && ! $within)<dt><x-say :shop="$shop" k="tax"/></dt><dd>{{ $shop->amount($tax) }}</dd>@endif
  <dt class="whole"><x-say :shop="$shop" k="total"/></dt><dd class="whole">{{ $shop->amount($sums['total']) }}</dd>
  @if ($tax > 0 && $within)<dt class="soft"><x-say :shop="$shop" k="taxed"/></dt><dd class="soft">{{ $shop->amount($tax) }}</dd>@endif
</dl>
@if ($sums['gift'] ?? '')<p class="small"><x-say :shop="$shop" k="gift"/> {{ $sums['gift'] }}</p>@endif
