<x-shop::checkout.layout :shop="$shop" :title="$shop->words('say.details')" step="details">
<h1><x-say :shop="$shop" k="details"/></h1>
@if ($problems !== [])<p class="message message-problem"
  role="alert">{{ $shop->say(count($problems) === 1 ? 'One line needs another look.' : ':count lines need another look.', ['count' => count($problems)]) }}</p>@endif
<form method="post" action="{{ $shop->address('/checkout') }}" novalidate class="fields">
  @php($fields = [
      'name' => ['name', 'text'], 'email' => ['email', 'email'], 'street' => ['street-address', 'text'], 'town' => ['address-level2', 'text'],
      'postcode' => ['postal-code', 'text'],
  ])
  @foreach ($fields as $key => [$auto, $type])
  <div class="field"><label for="d-{{ $key }}"><x-say :shop="$shop" :k="$key"/></label><input class="input" id="d-{{ $key }}" name="{{ $key }}" type="{{ $type }}" autocomplete="{{ $auto }}"
    value="{{ $details[$key] ?? '' }}" required @isset($problems[$key]) aria-invalid="true" aria-describedby="p-{{ $key }}" @endisset>@isset($problems[$key])<p><span class="field-problem"
    id="p-{{ $key }}">{{ $shop->say($problems[$key]) }}</span></p>@endisset</div>
  @endforeach
  @if ($shop->countries() !== [])<div class="field"><label for="d-country">{{ $shop->say('Country') }}</label><select class="input" id="d-country" name="country"
    autocomplete="country">@foreach ($shop->countries() as $code => $name)<option value="{{ $code }}"
    @selected($code === ($details['country'] ?? $shop->visitor->country()))>{{ $name }}</option>@endforeach</select></div>@endif
  <button class="button {{ $shop->colors('checkout.button.scheme') }}" data-from="checkout.button.scheme"><x-say :shop="$shop" k="to.delivery"/></button>
</form>
</x-shop::checkout.layout>
