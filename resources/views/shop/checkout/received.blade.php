<x-shop::layout :shop="$shop" title="Order received" kind="cart">
<div class="frame"><div class="prose" data-part="received">
  <h1><x-say :shop="$shop" k="thanks"/></h1>
  <p class="message message-done"><x-say :shop="$shop" k="order"/> {{ $order->number }}. A confirmation goes to {{ $order->details['email'] ?? '' }}.</p>
  <p><x-say :shop="$shop" k="going"/> {{ implode(', ', array_filter(array_map(fn ($key) => $order->details[$key] ?? '', ['name', 'street', 'town', 'postcode']))) }}</p>
  <table class="lines"><thead><tr><th scope="col"><x-say :shop="$shop" k="item"/></th><th scope="col"><x-say :shop="$shop" k="quantity"/></th><th scope="col" class="sum"><x-say :shop="$shop"
    k="sum"/></th></tr></thead>
  <tbody>@foreach ($order->lines as $line)<tr><td class="item">{{ $line['name'] }}</td><td>{{ $line['quantity'] }}</td><td
    class="sum">{{ $shop->amount($line['sum']) }}</td></tr>@endforeach</tbody></table>
  <dl class="totals">
    <dt><x-say :shop="$shop" k="goods"/></dt><dd>{{ $shop->amount($order->totals['goods']) }}</dd>
    @if ($order->totals['off'] > 0)<dt>{{ $order->totals['code'] }}</dt><dd class="reduced">−{{ $shop->amount($order->totals['off']) }}</dd>@endif
    <dt>{{ $order->totals['offer'] }}</dt><dd>@if ($order->totals['delivery'] === 0)<x-say :shop="$shop" k="free"/>@else{{ $shop->amount($order->totals['delivery']) }}@endif</dd>
    <dt class="whole"><x-say :shop="$shop" k="total"/></dt><dd class="whole">{{ $shop->amount($order->totals['total']) }}</dd>
  </dl>
  <p><a class="quiet-button" href="{{ $shop->address('/') }}"><x-say :shop="$shop" k="back.shop"/></a></p>
</div></div>
</x-shop::layout>
