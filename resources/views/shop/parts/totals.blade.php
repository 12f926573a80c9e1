@php($totals = $shop->visitor->totals())
@php($offer = $shop->visitor->sentBy())
@include('shop.parts.sums', ['sums' => [...$totals->kept(), 'code' => $shop->visitor->cart()?->code, 'offer' => $offer?->name,
  'gift' => $shop->visitor->gift()?->name]])
