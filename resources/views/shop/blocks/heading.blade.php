@if ($shop->text($block->path('heading')) !== '')<h2 data-from="{{ $block->path('heading') }}">{{ $shop->words($block->path('heading')) }}</h2>@endif
