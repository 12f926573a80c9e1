@php($picture = $shop->picture($block->path('picture')))
@php($target = $shop->text($block->path('target')))
@if ($picture)@if ($target !== '')<a href="{{ $shop->address($target) }}" data-from="{{ $block->path('target') }}"><x-shop::picture :shop="$shop" :picture="$picture" class="footer-picture"
  sizes="480px"
  data-from="{{ $block->path('picture') }}"/></a>@else<x-shop::picture :shop="$shop" :picture="$picture" class="footer-picture" sizes="480px"
  data-from="{{ $block->path('picture') }} {{ $block->path('target') }}"/>@endif @endif
