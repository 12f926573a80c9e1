<x-shop::layout :shop="$shop" :title="$shop->say('Order received')" kind="cart">
<div class="frame"><div class="prose" data-part="received">
  <h1><x-say :shop="$shop" k="thanks"/></h1>
  <p class="message message-done"><x-say :shop="$shop" k="order"/> {{ $order->number }}. {{ $shop->say('A confirmation goes to :email.', ['email' => $order->details['email'] ?? '']) }}</p>
  <p><x-say :shop="$shop" k="going"/> {{ implode(', ', array_filter(array_map(fn ($key) => $order->details[$key] ?? '', ['name', 'street', 'town', 'postcode']))) }}</p>
  <table class="lines"><thead><tr><th scope="col"><x-say :shop="$shop" k="item"/></th><th scope="col"><x-say :shop="$shop" k="quantity"/></th><th scope="col" class="sum"><x-say :shop="$shop"
    k="sum"/></th></tr></thead>
  <tbody>@foreach ($order->lines as $line)<tr><td class="item">{{ $shop->say($line['name']) }}</td><td>{{ $line['quantity'] }}</td><td
    class="sum">{{ $shop->amount($line['sum'], $order->currency) }}</td></tr>@endforeach</tbody></table>
  @include('shop.parts.sums', ['sums' => $order->totals, 'in' => $order->currency])
  <p><a class="quiet-button" href="{{ $shop->address('/') }}"><x-say :shop="$shop" k="back.shop"/></a></p>
</div></div>
</x-shop::layout>
