{{-- Products in rows; what leads on fills the places left over in the last one, where the look says so. --}}
@php($last = $shop->lastRow())
<ul class="{{ trim("grid last-$last ".($class ?? '')) }}" data-part="grid"
  data-from="{{ trim('grid.last '.($from ?? '')) }}">@foreach ($products as $i => $product)@include('shop.parts.card', ['eager' => ($eager ?? false) && $i < 2])@endforeach
@if ($last === 'more' && ($onward ?? null) !== null)<li class="{{ trim('onward '.implode(' ', $shop->fullRows(count($products)))) }}"><a
  href="{{ $shop->address($onward[0]) }}"><span>{{ $onward[1] }}</span><x-icon
  name="arrow-right"/></a></li>@endif</ul>
