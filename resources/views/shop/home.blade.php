@php($bands = $shop->items('home.bands', 'band'))
<x-shop::layout :shop="$shop" :title="$shop->say('Home')" kind="home">
@if (array_filter($bands, fn ($b) => $shop->text($b->path('level')) === '1' && $shop->text($b->path('heading')) !== '') === [])<h1 class="hidden-words">{{ $shop->text('header.logo.name') }}</h1>@endif
<div data-part="home" data-from="home.bands">
@foreach ($bands as $band)
@php($isBare = in_array($band->kind, ['space', 'rule'], true))
<section @class([
    'band-space' => $band->kind === 'space', 'band-rule' => $band->kind === 'rule', 'band' => ! $isBare && $band->kind !== 'lead', "band-$band->kind" => true,
    $band->cssClass(), $shop->wears($band->path('scheme')),
  ]) data-part="band-{{ $band->name() }}" data-from="{{ $band->path('show') }} {{ $band->path('scheme') }}"
  @if ($isBare) aria-hidden="true" @elseif ($shop->text($band->path('heading')) !== '') aria-labelledby="heading-{{ $band->name() }}" @endif>
@include("shop.bands.$band->kind", ['eager' => $loop->first])
</section>
@endforeach
</div>
</x-shop::layout>
