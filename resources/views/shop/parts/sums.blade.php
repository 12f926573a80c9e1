{{-- What an order comes to, as Totals keeps it, with its code and the name of its delivery. --}}
@php($tax = $sums['tax'] ?? 0)
@php($in = $in ?? null)
@php($within = $sums['within'] ?? false)
<dl class="totals">
  <dt><x-say :shop="$shop" k="goods"/></dt><dd>{{ $shop->amount($sums['goods'], $in) }}</dd>
  @if ($sums['off'] > 0)<dt>{{ $sums['code'] }}</dt><dd class="reduced">−{{ $shop->amount($sums['off'], $in) }}</dd>@endif
  @if ($sums['offer'])<dt>{{ $shop->say($sums['offer']) }}</dt><dd>@if ($sums['delivery'] === 0)<x-say :shop="$shop" k="free"/>@else{{ $shop->amount($sums['delivery'], $in) }}@endif</dd>@endif
  @if ($tax > 0 && ! $within)<dt><x-say :shop="$shop" k="tax"/></dt><dd>{{ $shop->amount($tax, $in) }}</dd>@endif
  <dt class="whole"><x-say :shop="$shop" k="total"/></dt><dd class="whole">{{ $shop->amount($sums['total'], $in) }}</dd>
  @if ($tax > 0 && $within)<dt class="soft"><x-say :shop="$shop" k="taxed"/></dt><dd class="soft">{{ $shop->amount($tax, $in) }}</dd>@endif
</dl>
@if ($sums['gift'] ?? '')<p class="small"><x-say :shop="$shop" k="gift"/> {{ $shop->say($sums['gift']) }}</p>@endif
