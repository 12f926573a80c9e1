<x-shop::layout :shop="$shop" :title="$shop->say('Saved items')" kind="category">
<div class="frame band" data-part="saved">
  <h1>{{ $shop->say('Saved items') }}</h1>
  @if ($products->isEmpty())
  <p class="soft"><x-say :shop="$shop" k="saved.none"/></p>
  <p><a class="button" href="{{ $shop->address('/') }}"><x-say :shop="$shop" k="look"/></a></p>
  @else
  <p class="soft">{{ $shop->say($products->count() === 1 ? ':count product waits here, on this device.' : ':count products wait here, on this device.', ['count' => $products->count()]) }}</p>
  <h2 class="hidden-words">{{ $shop->say('Products') }}</h2>
  @include('shop.parts.shelf', ['class' => 'band'])
  @foreach ($products as $product)<form class="saved-line" method="post" action="{{ $shop->address('/saved') }}"><input type="hidden" name="product" value="{{ $product->slug }}"><button
    class="plain-button" name="remove" value="1"><x-say :shop="$shop" k="remove"/>: {{ $shop->say($product->name) }}</button></form>@endforeach
  @endif
</div>
</x-shop::layout>
