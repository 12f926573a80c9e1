@php($reviews = $shop->on('product.reviews') ? $product->reviews : collect())
@if ($reviews->isNotEmpty())
@php($inSight = max(1, $shop->number('product.reviews.count')))
<section class="reviews" data-from="product.reviews product.reviews.count" aria-labelledby="reviews"><h2 class="field-label" id="reviews">{{ $shop->say('What buyers wrote') }}</h2>
  <ul>@foreach ($reviews->take($inSight) as $review)@include('shop.product.review')@endforeach</ul>
  @if ($reviews->count() > $inSight)<details><summary class="quiet-button">{{ $shop->say(':count more', ['count' => $reviews->count() - $inSight]) }}</summary>
  <ul>@foreach ($reviews->skip($inSight) as $review)@include('shop.product.review')@endforeach</ul></details>@endif
</section>
@endif
