@if ($product->rating !== null && $product->shows_rating)
<p class="stars small" data-from="card.rating">@include('shop.parts.star-row', ['of' => $product->rating])<span
  class="hidden-words">{{ $shop->say('Rated') }} </span><span>{{ $shop->rating($product->rating) }}</span> <span class="soft">({{ $product->ratings }})</span></p>
@endif
