<x-shop::layout :shop="$shop" :title="$shop->say('Search')" kind="category">
<div class="frame band" data-part="search">
  <h1>{{ $shop->say('Search') }}</h1>
  <form class="sorting" method="get" role="search"><div class="field"><label for="q">{{ $shop->say('What are you looking for?') }}</label><input class="input" id="q" name="q" type="search"
    value="{{ $asked }}"
    maxlength="80"></div><button class="button">{{ $shop->say('Search') }}</button></form>
  @if ($asked === '')
  <p class="soft"><x-say :shop="$shop" k="search.ask"/></p>
  @elseif ($products->isEmpty())
  <p class="message message-notice">“{{ $asked }}”: <x-say :shop="$shop" k="search.none"/></p>
  @else
  <p class="soft">{{ $shop->say(':count found for “:asked”', ['count' => $products->count(), 'asked' => $asked]) }}</p>
  <h2 class="hidden-words">{{ $shop->say('Products found') }}</h2>
  @include('shop.parts.shelf', ['class' => 'category-grid', 'eager' => true])
  @endif
</div>
</x-shop::layout>
