<x-shop::layout :shop="$shop" title="Not found">
<div class="frame lonely" data-part="nowhere"><h1>Nothing hangs here</h1><p>The page you asked for is not in this shop. It may have been moved or sold.</p><p><a class="button"
  href="{{ $shop->address('/') }}">To the shop</a></p><p><a href="{{ $shop->address('/search') }}">Search for it</a></p></div>
</x-shop::layout>
