<x-shop::layout :shop="$shop" :title="$shop->say($words[0])">
<div class="frame lonely" data-part="nowhere"><h1>{{ $shop->say($words[0]) }}</h1><p role="alert">{{ $shop->say($words[1]) }}</p><p><a class="button"
  href="{{ $shop->address('/') }}">{{ $shop->say('To the shop') }}</a></p></div>
</x-shop::layout>
