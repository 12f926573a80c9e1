@php([$pictures, $shownBy] = App\Pictures\ShopPicture::ofProductInWays($product, $product->picturesOfWays()))
@php($blocks = Ikat\Core\ProductPage\ProductBlocks::of($shop->text('product.order')))
<x-shop::layout :shop="$shop" :title="$shop->say($product->name)" kind="product"
  :script="$product->ways()->areThere() || $shop->on('product.zoom') || $shop->text('product.pictures') === 'strip'">
<div class="frame">
  <nav class="trail" aria-label="{{ $shop->say('You are here') }}"><a href="{{ $shop->address('/') }}">{{ $shop->say('Home') }}</a> @if ($shop->storefront->shows($product->category))<a
    href="{{ $shop->address('/category/'.$product->category->slug) }}">{{ $shop->say($product->category->name) }}</a>@endif <span class="soft"
      aria-current="page">{{ $shop->say($product->name) }}</span></nav>
  <article class="product" data-part="product">
    @include('shop.product.pictures')
    <div @class(['product-side', 'stays' => $shop->on('product.stays')]) data-from="product.order product.stays">
      @include('shop.parts.labels')
      <h1>{{ $shop->say($product->name) }}</h1>
      @if ($product->note !== '')<p class="soft">{{ $shop->say($product->note) }}</p>@endif

      @foreach ($blocks->beside as $block)@include("shop.product.$block")@endforeach
    </div>
  </article>
</div>
@foreach ($blocks->across as $block)
@if ($block === 'others')@include('shop.product.others')@else<div class="frame product-side product-across" data-part="product"
  data-from="product.order">@include("shop.product.$block")</div>@endif
@endforeach
</x-shop::layout>
