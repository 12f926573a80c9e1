@props(['shop', 'title', 'step'])
@php($ground = $shop->text('checkout.ground'))
<x-shop::layout :shop="$shop" :title="$title" kind="cart" :head="$shop->text('checkout.head') === 'logo' ? 'logo' : 'whole'">
<div class="checkout-ground ground-{{ $ground }}" data-from="checkout.ground">
@if ($ground === 'picture' && ($picture = $shop->picture('checkout.ground.picture')))<div class="checkout-picture" data-from="checkout.ground.picture"><x-shop::picture :shop="$shop"
  :picture="$picture" alt=""
  sizes="100vw"/></div>@endif
<div class="checkout">
  <div class="checkout-form {{ $shop->wears('checkout.form.scheme') }} {{ $shop->on('checkout.button.wide') ? 'is-wide' : '' }}" data-part="checkout"
    data-from="checkout.form.scheme checkout.button.wide checkout.head"><div>
    @if ($shop->text('checkout.head') === 'logo')<div class="checkout-logo" data-from="checkout.head">@include('shop.parts.logo', ['on' => 'checkout.form.scheme'])</div>@endif
    <ol class="steps-row">@foreach (['details', 'delivery', 'paying'] as $key)<li @if ($key === $step) aria-current="step" @endif>{{ $loop->iteration }}. <x-say :shop="$shop"
      :k="$key"/></li>@endforeach</ol>
    {{ $slot }}
  </div></div>
  <aside class="checkout-summary {{ $shop->wears('checkout.summary.scheme') }}" data-part="summary" aria-label="{{ $shop->say('Summary') }}"><div>
    <h2><x-say :shop="$shop" k="cart"/></h2>
    <ul>@foreach ($shop->visitor->cart()->lines as $line)<li
      class="line-item">@include('shop.parts.thumb', ['picture' => $line->picture()])<div>{{ $shop->say($line->product->name) }}@if ($line->variant !== '')<p
      class="soft small">{{ $shop->way($line->variant) }}</p>@endif<p class="soft">{{ $line->quantity }} × {{ $shop->each($line) }}</p></div></li>@endforeach</ul>
    @include('shop.parts.totals')
  </div></aside>
</div>
</div>
</x-shop::layout>
