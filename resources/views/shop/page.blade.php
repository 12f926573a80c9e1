<x-shop::layout :shop="$shop" :title="$page->title">
<article class="frame"><div class="prose"><h1>{{ $page->title }}</h1>@foreach ($page->paragraphs() as $paragraph)<p>{{ $paragraph }}</p>@endforeach</div></article>
</x-shop::layout>
