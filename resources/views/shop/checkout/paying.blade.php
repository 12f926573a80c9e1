<x-shop::checkout.layout :shop="$shop" :title="$shop->text('say.paying')" step="paying">
<h1><x-say :shop="$shop" k="paying"/></h1>
@if ($problem)<p class="message message-problem" role="alert">{{ $problem }}</p>@endif
<p class="message message-notice">This shop uses a practice till. No money moves; you say what the till should do.</p>
<form method="post" action="{{ $shop->address('/checkout/paying') }}" class="fields">
  <fieldset class="fields"><legend class="field-label">The till should</legend>
  @foreach (['accept' => 'accept the card', 'decline' => 'decline the card', 'silence' => 'not answer in time'] as $key => $words)
  <label class="choice"><input type="radio" name="outcome" value="{{ $key }}" @checked($key === $outcome)><span>{{ $words }}</span></label>
  @endforeach
  </fieldset>
  <button class="button {{ $shop->colors('checkout.button.scheme') }}" data-from="checkout.button.scheme"><x-say :shop="$shop" k="pay"/></button>
</form>
<p><a href="{{ $shop->address('/checkout/delivery') }}"><x-say :shop="$shop" k="back.delivery"/></a></p>
</x-shop::checkout.layout>
