<div class="product-picture"><video src="{{ $product->video }}" width="640" height="550" controls loop muted playsinline preload="metadata"
  aria-label="{{ $product->name }}, a short film without sound" data-from="product.video"></video></div>
