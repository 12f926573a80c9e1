<li><p class="stars small">@include('shop.parts.star-row', ['of' => $review->stars])<span
  class="hidden-words">{{ $shop->say('Rated') }} {{ $review->stars }} </span><span class="review-by"><b>{{ $review->name }}</b>
  <span class="soft">{{ $shop->day($review->written_on) }}</span></span></p><p class="review-words">{{ $review->words }}</p></li>
