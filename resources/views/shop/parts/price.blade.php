@if ($product->was !== null && $product->was > $product->price)<span class="hidden-words">Now </span><span class="reduced">{{ $shop->price($product->price) }}</span> <span
  class="hidden-words">Before </span><s class="was">{{ $shop->price($product->was) }}</s>@else<span class="price">{{ $shop->price($product->price) }}</span>@endif
