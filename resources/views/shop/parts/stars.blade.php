@if ($product->rating !== null && $product->shows_rating)
<p class="stars small" data-from="card.rating"><svg viewBox="0 0 90 16" aria-hidden="true">@for ($i = 0; $i < 5; $i++)<path transform="translate({{ $i * 18 }})"
  @class(['lit' => $product->rating >= $i + 0.75]) d="M9 1.200l2.100 4.800 5.200.5-3.900 3.500 1.100 5.100L9 12.400l-4.500 2.700 1.100-5.100L1.700 6.500l5.200-.5z"/>@endfor</svg><span
  class="hidden-words">{{ $shop->say('Rated') }} </span><span>{{ $shop->rating($product->rating) }}</span> <span class="soft">({{ $product->ratings }})</span></p>
@endif
