@include('shop.blocks.words')
