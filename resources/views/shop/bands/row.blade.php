@php($link = $shop->words($band->path('link')))
@php($target = $shop->text($band->path('target')))
<div class="frame">
  <div class="band-head">@include('shop.bands.heading')@if ($link !== '' && $target !== '')<a href="{{ $shop->address($target) }}"
    data-from="{{ $band->path('link') }} {{ $band->path('target') }}">{{ $link }}</a>@endif</div>
  @if ($rows[$band->name()]->isEmpty())<p class="soft" data-from="{{ $band->path('products') }} {{ $band->path('source') }}">{{ $shop->say('Nothing is on this shelf just now.') }}</p>@else
  @if ($shop->text($band->path('level')) === '1' || $shop->text($band->path('heading')) === '')<h2 class="hidden-words">{{ $shop->say('Products') }}</h2>@endif
  @include('shop.parts.shelf', ['products' => $rows[$band->name()], 'from' => $band->path('source').' '.$band->path('count').' '.$band->path('products'),
    'onward' => $link === '' || $target === '' ? null : [$target, $link]])
  @endif
</div>
