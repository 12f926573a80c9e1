@php($cart = $shop->visitor->cart())
@php($totals = $shop->visitor->totals())
<x-shop::layout :shop="$shop" :title="$shop->words('say.cart')" kind="cart">
<div class="frame">
@isset($problem)<p class="message message-problem" role="alert">{{ $shop->say($problem) }}</p>@endisset
@if ($cart === null || $cart->lines->isEmpty())
<div class="lonely" data-part="cart"><h1 data-from="say.cart">{{ $shop->words('say.cart') }}</h1><p data-from="say.empty">{{ $shop->words('say.empty') }}</p><a class="button"
  href="{{ $shop->address('/') }}"><x-say :shop="$shop" k="look"/></a></div>
@else
<div class="cart-page" data-part="cart">
  <h1 data-from="say.cart">{{ $shop->words('say.cart') }}</h1>
  <table class="lines">
    <thead><tr><th scope="col" data-from="say.item">{{ $shop->words('say.item') }}</th><th scope="col" data-from="say.each">{{ $shop->words('say.each') }}</th><th scope="col"
      data-from="say.quantity">{{ $shop->words('say.quantity') }}</th><th scope="col" class="sum" data-from="say.sum">{{ $shop->words('say.sum') }}</th></tr></thead>
    <tbody>
    @foreach ($cart->lines as $line)
    <tr>
      <td class="item"><div class="line-item">@include('shop.parts.thumb', ['picture' => $line->picture()])<div><a
        href="{{ $shop->address('/product/'.$line->product->slug) }}">{{ $shop->say($line->product->name) }}</a>@if ($line->variant !== '')<p class="small">{{ $shop->way($line->variant) }}</p>@endif<p
          class="soft small">{{ $shop->say($line->product->note) }}</p></div></div></td>
      <td class="each">{{ $shop->each($line) }}</td>
      <td><form class="quantity" method="post" action="{{ $shop->address('/cart/change') }}"><input type="hidden" name="line" value="{{ $line->id }}"><label class="hidden-words"
        for="q{{ $loop->index }}">{{ $shop->words('say.quantity') }}: {{ $shop->say($line->product->name) }}</label><input class="input" id="q{{ $loop->index }}" name="quantity" type="number"
        inputmode="numeric" min="0" max="{{ min(99, max(1, $line->product->left($line->variant) ?? 99)) }}" value="{{ $line->quantity }}"><button class="quiet-button"><x-say :shop="$shop"
          k="change"/></button><button
        class="plain-button" name="remove" value="1"><x-say :shop="$shop" k="remove"/><span class="hidden-words"> {{ $shop->say($line->product->name) }}</span></button></form></td>
      <td class="sum">{{ $shop->amount($shop->visitor->each($line) * $line->quantity) }}</td>
    </tr>
    @endforeach
    </tbody>
  </table>
  <aside class="summary {{ $shop->wears('checkout.summary.scheme') }}" aria-label="{{ $shop->say('Summary') }}" data-part="summary">
    <h2 data-from="say.total">{{ $shop->words('say.total') }}</h2>
    @include('shop.parts.totals')
    <form class="code" method="post" action="{{ $shop->address('/cart/code') }}"><div class="field"><label for="code" data-from="say.code">{{ $shop->words('say.code') }}</label><input class="input"
      id="code" name="code" maxlength="32" autocomplete="off" value="{{ $codeTyped }}" @if ($codeProblem) aria-invalid="true" aria-describedby="code-problem" @endif></div><button
      class="quiet-button"><x-say :shop="$shop" k="use"/></button></form>
    @if ($codeProblem)<p class="field-problem" id="code-problem">{{ $codeProblem }}</p>@elseif ($totals->off > 0)<p
      class="message message-done">{{ $shop->say(':code takes :amount off.', ['code' => $cart->code, 'amount' => $shop->amount($totals->off)]) }}</p>@endif
    <a class="button {{ $shop->colors('cart.button.scheme') }}" href="{{ $shop->address('/checkout') }}" data-from="say.checkout cart.button.scheme">{{ $shop->words('say.checkout') }}</a>
  </aside>
</div>
@endif
</div>
</x-shop::layout>
