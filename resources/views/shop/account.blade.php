<x-shop::layout :shop="$shop" title="Your orders">
<div class="frame"><div class="prose narrow">
  <h1>Find your order</h1>
  <p class="soft">There is no account to keep. Your order’s number and the address it was placed with open it.</p>
  @if ($problem)<p class="message message-problem" role="alert">{{ $problem }}</p>@endif
  <form method="post" action="{{ $shop->address('/account') }}" class="fields">
    <div class="field"><label for="number">Order number</label><input class="input" id="number" name="number" value="{{ $number }}" maxlength="24" autocomplete="off" required></div>
    <div class="field"><label for="order-email"><x-say :shop="$shop" k="email"/></label><input class="input" id="order-email" name="email" type="email" autocomplete="email" value="{{ $email }}"
      required></div>
    <button class="button">Show the order</button>
  </form>
</div></div>
</x-shop::layout>
