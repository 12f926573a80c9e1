@include('shop.blocks.words')
<form class="footer-letters" method="post" action="{{ $shop->address('/letters') }}"><div class="field"><label for="letters-{{ $block->name() }}">{{ $shop->say('E-mail') }}</label><input class="input"
  id="letters-{{ $block->name() }}" name="email" type="email" autocomplete="email" required></div><button
  class="button {{ $shop->colors($block->path('button.scheme')) }}" data-from="{{ $block->path('button') }} {{ $block->path('button.scheme') }}">{{
  $shop->words($block->path('button')) }}</button></form>
