@include('shop.parts.stars')
