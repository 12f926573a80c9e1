<x-shop::layout :shop="$shop" :title="$category->name" kind="category">
<div class="frame">
  <nav class="trail" aria-label="You are here"><a href="{{ $shop->address('/') }}">Home</a> @if ($shop->storefront->shows($category->parent))<a
    href="{{ $shop->address('/category/'.$category->parent->slug) }}">{{ $category->parent->name }}</a> @endif<span class="soft" aria-current="page">{{ $category->name }}</span></nav>
  <h1>{{ $category->name }}</h1>
  @if ($category->picture)<div class="category-picture"><x-shop::picture :picture="App\Pictures\ShopPicture::of($category->picture)" :eager="true" sizes="(max-width: 759px) 92vw, 1200px"/></div>@endif
  <p class="soft">{{ $category->words }}</p>
  @if ($category->children->isNotEmpty())<ul class="within" aria-label="Within {{ $category->name }}">@foreach ($category->children as $within)<li><a class="quiet-button"
    href="{{ $shop->address('/category/'.$within->slug) }}">{{ $within->name }}</a></li>@endforeach</ul>@endif
  <form class="sorting" method="get">
    <div class="field"><label for="sort">Order</label><select class="input" id="sort" name="sort" data-from="grid.sort">@foreach ($sorts as $key => $words)<option value="{{ $key }}"
      @selected($key === $sort)>{{ $words }}</option>@endforeach</select></div>
    <label class="check"><input type="checkbox" name="stock" value="1" @checked($stock)> In stock</label>
    <label class="check"><input type="checkbox" name="reduced" value="1" @checked($reduced)> Reduced</label>
    <button class="quiet-button">Show</button>
    <p class="soft">{{ $products->total() }} {{ $products->total() === 1 ? 'product' : 'products' }}</p>
  </form>
  @if ($products->isEmpty())
  <p class="message message-notice"><x-say :shop="$shop" k="fits.none"/> <a href="{{ $shop->address('/category/'.$category->slug) }}">Show all {{ mb_strtolower($category->name) }}</a>.</p>
  @else
  <h2 class="hidden-words">Products</h2>
  <ul class="grid category-grid" data-part="grid" data-from="grid.count grid.sort grid.order">@foreach ($products as $i => $product)@include('shop.parts.card', ['eager' => $i < 2])@endforeach</ul>
  @if ($products->hasPages())
  <nav class="paging" aria-label="Pages" data-from="grid.count">@if ($products->currentPage() > 1)<a class="quiet-button" rel="prev"
    href="?{{ http_build_query([...$asked, 'page' => $products->currentPage() - 1]) }}">Earlier</a>@endif <p
    class="soft">Page {{ $products->currentPage() }} of {{ $products->lastPage() }}</p> @if ($products->hasMorePages())<a class="quiet-button" rel="next"
    href="?{{ http_build_query([...$asked, 'page' => $products->currentPage() + 1]) }}">More</a>@endif</nav>
  @endif
  @endif
</div>
</x-shop::layout>
