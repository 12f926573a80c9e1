@php($store = $shop->store)
@php($hours = $shop->on($block->path('hours')) ? $store->hours : '')
@include('shop.blocks.heading')
@if ($store->place !== '')<p class="lines">{{ $shop->say($store->place) }}</p>@endif
@if ($store->phone !== null)<p><a href="{{ Ikat\Core\Store\Cell\PhoneCell::link($store->phone) }}">{{ $store->phone }}</a></p>@endif
@if ($store->email !== null)<p><a href="mailto:{{ $store->email }}">{{ $store->email }}</a></p>@endif
@if ($hours !== '')<p class="lines" data-from="{{ $block->path('hours') }}">{{ $shop->say($hours) }}</p>@endif
@if ($shop->isPreview() && "$store->place$store->phone$store->email$hours" === '')<p>What the Storeroom says of the store: where it is, its telephone, its hours.</p>@endif
