{{-- Products in rows; what leads on fills the places left over in the last one, where the look says so. --}}
@php($last = $shop->lastRow())
<ul class="{{ trim("grid last-$last {$shop->arranged()} ".($class ?? '')) }}" data-part="grid"
  data-from="{{ trim('grid.arrange grid.last '.($from ?? '')) }}">@foreach ($products as $i => $product)@include('shop.parts.card', ['eager' => ($eager ?? false) && $i < 2])@endforeach
@if ($last === 'more' && ($onward ?? null) !== null)
@php([$address, $words, $picture] = [...$onward, null])
<li class="{{ trim('onward '.implode(' ', $shop->fullRows(count($products)))) }}"><a href="{{ $shop->address($address) }}">@if ($picture !== null)<span class="onward-picture"><x-shop::picture
  :shop="$shop" :picture="$picture" alt="" sizes="(max-width: 759px) 92vw, 600px"/></span>@endif<span class="onward-words">{{ $words }} <x-icon name="arrow-right"/></span></a></li>@endif</ul>
