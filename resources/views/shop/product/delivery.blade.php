@if ($shop->on('product.delivery') && $deliveries->isNotEmpty())
<div class="sent" data-from="product.delivery"><p class="field-label"><x-say :shop="$shop" k="sent"/></p>
<ul>@foreach ($deliveries as $offer)<li>{{ $shop->say($offer->name) }}, @if ($offer->price === 0)<x-say :shop="$shop" k="free"/>@else{{
  App\Storefront\ProductInWords::cost($shop, $offer) }}@endif</li>@endforeach</ul></div>
@endif
