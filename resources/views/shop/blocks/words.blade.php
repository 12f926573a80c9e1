@include('shop.blocks.heading')
@if ($shop->text($block->path('text')) !== '')<p data-from="{{ $block->path('text') }}">{{ $shop->words($block->path('text')) }}</p>@endif
