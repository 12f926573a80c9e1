@php($price = $product->priceOf())
@php([$least, $most] = $product->ways()->span())
@php($shown = $price->plus($least))
@if ($shown->isReducedAt($shop->moment))<span class="hidden-words">{{ $shop->say('Now') }} </span><span class="reduced" data-price>@if ($least !== $most)<x-say :shop="$shop"
  k="from"/> @endif{{ $shop->price($shown->at($shop->moment), $product->pricedIn) }}</span> <span
  class="hidden-words">{{ $shop->say('Before') }} </span><s class="was"
  data-before>{{ $shop->price($shown->regular, $product->pricedIn) }}</s>@else<span class="price" data-price>@if ($least !== $most)<x-say
    :shop="$shop"
  k="from"/> @endif{{ $shop->price($shown->regular, $product->pricedIn) }}</span>@endif
