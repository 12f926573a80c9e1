@php($picture = $shop->picture($band->path('picture')))
<div class="lead lead-{{ $shop->text($band->path('layout')) }} {{ $picture ? '' : 'lead-bare' }}" data-from="{{ $band->path('layout') }}">
  @if ($picture)<div class="lead-picture"><x-shop::picture :shop="$shop" :picture="$picture" :eager="$eager"
    :sizes="$shop->text($band->path('layout')) === 'over' ? '100vw' : '(max-width: 759px) 100vw, 54vw'"
    data-from="{{ $band->path('picture') }}"/></div>@endif
  <div class="frame"><div class="lead-words">
    @if ($shop->text($band->path('kicker')) !== '')<p class="kicker" data-from="{{ $band->path('kicker') }}">{{ $shop->inColors($shop->words($band->path('kicker'))) }}</p>@endif
    @include('shop.bands.heading')
    @if ($shop->text($band->path('words')) !== '')<p class="lead-text" data-from="{{ $band->path('words') }}">{{ $shop->inColors($shop->words($band->path('words'))) }}</p>@endif
    @include('shop.bands.button')
  </div></div>
</div>
