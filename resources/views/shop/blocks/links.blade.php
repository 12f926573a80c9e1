<nav aria-label="{{ $shop->text($block->path('heading')) ?: 'Links' }}">@include('shop.blocks.heading')<ul
  data-from="{{ $block->path('menu') }}">@foreach ($shop->menu($shop->text($block->path('menu'))) as $entry)<li><a
  href="{{ $shop->address($entry->target) }}">{{ $entry->label }}</a></li>@endforeach</ul></nav>
