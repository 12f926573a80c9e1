@if (trim($product->words) !== '')<div class="said">{!! Ikat\Core\Store\RichText::shown($shop->say($product->words), $shop->address(...)) !!}</div>@endif
