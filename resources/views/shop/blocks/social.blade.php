@include('shop.blocks.heading')
<ul>@foreach (['first', 'second', 'third', 'fourth'] as $key)@if ($shop->text($block->path("$key.text")) !== '' && $shop->text($block->path("$key.address")) !== '')<li><a rel="noopener"
  href="{{ $shop->text($block->path("$key.address")) }}"
  data-from="{{ $block->path("$key.text") }} {{ $block->path("$key.address") }}">{{ $shop->words($block->path("$key.text")) }}</a></li>@endif @endforeach</ul>
