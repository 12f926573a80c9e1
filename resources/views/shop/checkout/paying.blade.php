<x-shop::checkout.layout :shop="$shop" :title="$shop->words('say.paying')" step="paying">
<h1><x-say :shop="$shop" k="paying"/></h1>
@if ($problem)<p class="message message-problem" role="alert">{{ $shop->say($problem) }}</p>@endif
<p class="message message-notice">{{ $shop->say('This shop uses a practice till. No money moves; you say what the till should do.') }}</p>
<form method="post" action="{{ $shop->address('/checkout/paying') }}" class="fields">
  <fieldset class="fields"><legend class="field-label">{{ $shop->say('The till should') }}</legend>
  @foreach (['accept' => 'accept the card', 'decline' => 'decline the card', 'silence' => 'not answer in time'] as $key => $words)
  <label class="choice"><input type="radio" name="outcome" value="{{ $key }}" @checked($key === $outcome)><span>{{ $shop->say($words) }}</span></label>
  @endforeach
  </fieldset>
  <button class="button {{ $shop->colors('checkout.button.scheme') }}" data-from="checkout.button.scheme"><x-say :shop="$shop" k="pay"/></button>
</form>
<p><a href="{{ $shop->address('/checkout/delivery') }}"><x-say :shop="$shop" k="back.delivery"/></a></p>
</x-shop::checkout.layout>
