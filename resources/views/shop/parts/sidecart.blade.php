@php($cart = $shop->visitor->cart())
<aside class="sidecart from-{{ $shop->text('sidecart.side') }} {{ $shop->wears('sidecart.scheme') }}" id="side-cart" aria-label="{{ $shop->say('Side cart') }}" tabindex="-1" data-part="sidecart">
  <div class="sidecart-head"><h2><x-say :shop="$shop" k="cart"/></h2><a class="tool" href="#main" aria-label="{{ $shop->say('Close the side cart') }}"><x-icon name="x"/></a></div>
  @if ($cart === null || $cart->lines->isEmpty())
  <p><x-say :shop="$shop" k="empty"/></p>
  @else
  <ul>
    @foreach ($cart->lines as $line)
    <li class="line-item">@include('shop.parts.thumb', ['picture' => $line->picture()])<div><a
      href="{{ $shop->address('/product/'.$line->product->slug) }}">{{ $shop->say($line->product->name) }}</a>@if ($line->variant !== '')<p
      class="soft small">{{ $shop->way($line->variant) }}</p>@endif<p
      class="soft">{{ $line->quantity }} × {{ $shop->each($line) }}</p></div></li>
    @endforeach
  </ul>
  <div class="sidecart-end">
    <dl class="totals"><dt><x-say :shop="$shop" k="goods"/></dt><dd>{{ $shop->amount($shop->visitor->totals()->goods) }}</dd></dl>
    <a class="button {{ $shop->colors('sidecart.button.scheme') }}" href="{{ $shop->address('/checkout') }}" data-from="sidecart.button.scheme"><x-say :shop="$shop" k="checkout"/></a>
    <a class="quiet-button" href="{{ $shop->address('/cart') }}"><x-say :shop="$shop" k="cart"/></a>
  </div>
  @endif
</aside>
