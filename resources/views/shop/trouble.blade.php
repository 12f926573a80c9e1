<x-shop::layout :shop="$shop" :title="$words[0]">
<div class="frame lonely" data-part="nowhere"><h1>{{ $words[0] }}</h1><p role="alert">{{ $words[1] }}</p><p><a class="button" href="{{ $shop->address('/') }}">To the shop</a></p></div>
</x-shop::layout>
