@include('shop.blocks.heading')
@include('shop.parts.chooser', ['id' => "country-{$block->name()}", 'from' => $block->path('show')])
