<x-shop::layout :shop="$shop" :title="$shop->say('Not found')">
<div class="frame lonely" data-part="nowhere"><h1><x-say :shop="$shop" k="nowhere"/></h1><p><x-say :shop="$shop" k="nowhere.words"/></p><p><a class="button"
  href="{{ $shop->address('/') }}">{{ $shop->say('To the shop') }}</a></p><p><a href="{{ $shop->address('/search') }}">{{ $shop->say('Search for it') }}</a></p></div>
</x-shop::layout>
