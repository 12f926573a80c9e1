<x-shop::checkout.layout :shop="$shop" :title="$shop->words('say.delivery')" step="delivery">
<h1><x-say :shop="$shop" k="delivery"/></h1>
@if ($problem)<p class="message message-problem" role="alert">{{ $shop->say($problem) }}</p>@endif
<form method="post" action="{{ $shop->address('/checkout/delivery') }}" class="fields">
  <fieldset class="fields"><legend class="field-label"><x-say :shop="$shop" k="travel"/></legend>
  @if ($offers->isEmpty())<p class="message message-notice">{{ $shop->say(App\Storefront\ShopPages::NO_DELIVERY_THERE) }}</p>@endif
  @foreach ($offers as $offer)
  <label class="choice"><input type="radio" name="offer" value="{{ $offer->id }}" @checked($offer->id === $chosen)
    required><span>{{ $shop->say($offer->name) }}<br>{{ $shop->say($offer->words) }}</span><b>@if ($offer->price === 0)<x-say :shop="$shop" k="free"/>@else{{
    $shop->amount($shop->storefront->exchange()->of($offer->price)) }}@endif</b></label>
  @endforeach
  </fieldset>
  <button class="button {{ $shop->colors('checkout.button.scheme') }}" data-from="checkout.button.scheme"><x-say :shop="$shop" k="to.paying"/></button>
</form>
<p><a href="{{ $shop->address('/checkout') }}"><x-say :shop="$shop" k="back.details"/></a></p>
</x-shop::checkout.layout>
