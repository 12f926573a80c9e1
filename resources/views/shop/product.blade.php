@php([$pictures, $shownBy] = App\Pictures\ShopPicture::ofProductInWays($product, $product->picturesOfWays()))
@php($film = $product->video !== null && $shop->text('product.video') !== 'none')
<x-shop::layout :shop="$shop" :title="$shop->say($product->name)" kind="product" :script="$product->ways()->areThere()">
<div class="frame">
  <nav class="trail" aria-label="{{ $shop->say('You are here') }}"><a href="{{ $shop->address('/') }}">{{ $shop->say('Home') }}</a> @if ($shop->storefront->shows($product->category))<a
    href="{{ $shop->address('/category/'.$product->category->slug) }}">{{ $shop->say($product->category->name) }}</a>@endif <span class="soft"
      aria-current="page">{{ $shop->say($product->name) }}</span></nav>
  <article class="product" data-part="product">
    <div class="product-pictures pictures-{{ $shop->text('product.pictures') }} {{ count($pictures) + (int) $film > 1 ? 'several' : '' }}" data-from="product.pictures product.video"
  @if ($shop->text('product.pictures') === 'strip' && count($pictures) + (int) $film > 1) tabindex="0" role="region"
    aria-label="{{ $shop->say('Pictures of :name', ['name' => $shop->say($product->name)]) }}" @endif>
      @if ($film && $shop->text('product.video') === 'first')@include('shop.parts.film')@endif
      @forelse ($pictures as $picture)
      <div class="product-picture" data-picture="{{ $loop->index }}"><x-shop::picture :shop="$shop" :picture="$picture" :eager="$loop->first" sizes="(max-width: 759px) 92vw, 58vw"/></div>
      @empty
      <div class="product-picture"><p class="no-picture"><x-say :shop="$shop" k="picture.none"/></p></div>
      @endforelse
      @if ($film && $shop->text('product.video') === 'last')@include('shop.parts.film')@endif
    </div>
    <div class="product-side">
      @include('shop.parts.labels')
      <h1>{{ $shop->say($product->name) }}</h1>
      <p class="soft">{{ $shop->say($product->note) }}</p>
      @include('shop.parts.stars')
      <p class="product-price">@include('shop.parts.price')</p>
      @if ($problem !== '')<p class="message message-problem" role="alert">{{ $shop->say($problem) }}</p>@endif
      @if ($product->isSoldOut())
      <p class="message message-notice"><x-say :shop="$shop" k="gone.words"/></p>
      <button class="button" disabled><x-say :shop="$shop" k="gone"/></button>
      @else
      <form @class(['buy', 'is-wide' => $shop->on('product.button.wide')]) method="post" action="{{ $shop->address('/cart/add') }}" data-from="product.button.wide">
        <input type="hidden" name="product" value="{{ $product->slug }}">
        @include('shop.parts.choices')
        <div class="field"><label for="quantity"><x-say :shop="$shop" k="quantity"/></label><input class="input" id="quantity" name="quantity" type="number" inputmode="numeric" min="1"
          max="{{ min(99, $product->stock ?? 99) }}" value="1" required></div>
        <button class="button {{ $shop->colors('product.button.scheme') }}" data-from="product.button.scheme"><x-say :shop="$shop" k="add"/></button>
        @if ($shop->on('product.now'))<button class="quiet-button" name="now" value="1" data-from="product.now"><x-say :shop="$shop" k="now"/></button>@endif
      </form>
      @endif
      @if ($shop->on('product.save'))<form method="post" action="{{ $shop->address('/saved') }}" data-from="product.save"><input type="hidden" name="product" value="{{ $product->slug }}"><button
        class="plain-button"><x-icon name="heart"/> <x-say :shop="$shop" k="save"/></button></form>@endif
      <div class="said">{!! Ikat\Core\Store\RichText::shown($shop->say($product->words), $shop->address(...)) !!}</div>
      @if ($shop->on('product.facts'))<dl class="facts"
        data-from="product.facts">@foreach ($product->facts as $name => $fact)<dt>{{ $shop->say($name) }}</dt><dd>{{ $shop->say($fact) }}</dd>@endforeach</dl>@endif
    </div>
  </article>
</div>
@if ($others->isNotEmpty())
<section class="band {{ $shop->mayWear('product.others.scheme') }}" data-from="product.others product.others.scheme" aria-labelledby="others"><div class="frame"><div class="band-head"><h2
  id="others"><x-say :shop="$shop" k="others"/></h2></div>@include('shop.parts.shelf', ['products' => $others, 'onward' => $product->category === null ? null
    : ['/category/'.$product->category->slug, $shop->say('On to :name', ['name' => $shop->say($product->category->name)])]])</div></section>
@endif
</x-shop::layout>
