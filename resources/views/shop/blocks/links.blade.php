<nav aria-label="{{ $shop->words($block->path('heading')) ?: $shop->say('Links') }}">@include('shop.blocks.heading')<ul
  data-from="{{ $block->path('menu') }}">@include('shop.parts.entries', ['entries' => $shop->menu($shop->text($block->path('menu'))), 'opens' => false])</ul></nav>
