@php($totals = $shop->visitor->totals())
@php($offer = $shop->visitor->sentBy())
@include('shop.parts.sums', ['sums' => [...$totals->kept(), 'code' => $shop->visitor->cart()?->code, 'offer' => $offer?->name]])
@if ($gift = $shop->visitor->gift())<p class="small"><x-say :shop="$shop" k="gift"/> {{ $gift->name }}</p>@endif
