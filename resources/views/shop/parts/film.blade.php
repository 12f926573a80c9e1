<div class="product-picture"><video src="{{ $product->video }}" width="640" height="550" controls loop muted playsinline preload="metadata"
  aria-label="{{ $shop->say(':name, a short film without sound', ['name' => $shop->say($product->name)]) }}" data-from="product.video"></video></div>
