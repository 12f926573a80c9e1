@php($brings = in_array($shop->text('grid.paging'), ['more', 'scroll'], true))
<x-shop::layout :shop="$shop" :title="$shop->say($category->name)" kind="category" :script="$brings && $products->hasMorePages()">
<div class="frame">
  <nav class="trail" aria-label="{{ $shop->say('You are here') }}"><a href="{{ $shop->address('/') }}">{{ $shop->say('Home') }}</a> @if ($shop->storefront->shows($category->parent))<a
    href="{{ $shop->address('/category/'.$category->parent->slug) }}">{{ $shop->say($category->parent->name) }}</a> @endif<span class="soft"
      aria-current="page">{{ $shop->say($category->name) }}</span></nav>
  <h1>{{ $shop->say($category->name) }}</h1>
  @if ($category->picture)<div class="category-picture"><x-shop::picture :shop="$shop" :picture="App\Pictures\ShopPicture::of($category->picture)" :eager="true"
    sizes="(max-width: 759px) 92vw, 1200px"/></div>@endif
  <p class="soft">{{ $shop->say($category->words) }}</p>
  @if ($category->children->isNotEmpty())<ul class="within"
    aria-label="{{ $shop->say('Within :name', ['name' => $shop->say($category->name)]) }}">@foreach ($category->children as $within)<li><a class="quiet-button"
    href="{{ $shop->address('/category/'.$within->slug) }}">{{ $shop->say($within->name) }}</a></li>@endforeach</ul>@endif
  <form class="sorting" method="get">
    <div class="field"><label for="sort">{{ $shop->say('Order') }}</label><select class="input" id="sort" name="sort" data-from="grid.sort">@foreach ($sorts as $key => $words)<option
      value="{{ $key }}"
      @selected($key === $sort)>{{ $shop->say($words) }}</option>@endforeach</select></div>
    <label class="check"><input type="checkbox" name="stock" value="1" @checked($stock)> {{ $shop->say('In stock') }}</label>
    <label class="check"><input type="checkbox" name="reduced" value="1" @checked($reduced)> {{ $shop->say('Reduced') }}</label>
    <button class="quiet-button">{{ $shop->say('Show') }}</button>
    <p class="soft">{{ $shop->say($products->total() === 1 ? ':count product' : ':count products', ['count' => $products->total()]) }}</p>
  </form>
  @if ($products->isEmpty())
  <p class="message message-notice"><x-say :shop="$shop" k="fits.none"/> <a
    href="{{ $shop->address('/category/'.$category->slug) }}">{{ $shop->say('Show all: :name', ['name' => $shop->say($category->name)]) }}</a></p>
  @else
  <h2 class="hidden-words">{{ $shop->say('Products') }}</h2>
  @include('shop.parts.shelf', ['class' => 'category-grid', 'from' => 'grid.count grid.sort grid.order', 'eager' => true])
  @includeWhen($products->hasPages(), 'shop.parts.paging')
  @endif
</div>
</x-shop::layout>
