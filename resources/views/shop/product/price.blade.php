@php($saving = App\Storefront\ProductInWords::saving($shop, $product))
<div class="product-price" data-from="product.saving"><p>@include('shop.parts.price')</p>@if ($saving !== '')<p class="saving small" data-from="say.saving">{{ $saving }}</p>@endif</div>
