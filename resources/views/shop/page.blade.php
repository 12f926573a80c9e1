<x-shop::layout :shop="$shop" :title="$page->title">
<article class="frame"><div class="prose"><h1>{{ $page->title }}</h1>{!! Ikat\Core\Store\RichText::shown($page->body, $shop->address(...)) !!}</div></article>
</x-shop::layout>
