<x-shop::layout :shop="$shop" :title="$shop->say('Your orders')">
<div class="frame"><div class="prose narrow">
  <h1>{{ $shop->say('Find your order') }}</h1>
  <p class="soft">{{ $shop->say('There is no account to keep. Your order’s number and the address it was placed with open it.') }}</p>
  @if ($problem)<p class="message message-problem" role="alert">{{ $shop->say($problem) }}</p>@endif
  <form method="post" action="{{ $shop->address('/account') }}" class="fields">
    <div class="field"><label for="number">{{ $shop->say('Order number') }}</label><input class="input" id="number" name="number" value="{{ $number }}" maxlength="24"
      autocomplete="off" required></div>
    <div class="field"><label for="order-email"><x-say :shop="$shop" k="email"/></label><input class="input" id="order-email" name="email" type="email" autocomplete="email" value="{{ $email }}"
      required></div>
    <button class="button">{{ $shop->say('Show the order') }}</button>
  </form>
</div></div>
</x-shop::layout>
