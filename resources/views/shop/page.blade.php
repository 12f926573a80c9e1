<x-shop::layout :shop="$shop" :title="$shop->say($page->title)">
<article class="frame"><div class="prose"><h1>{{ $shop->say($page->title) }}</h1>{!! Ikat\Core\Store\RichText::shown($shop->say($page->body), $shop->address(...)) !!}</div></article>
</x-shop::layout>
