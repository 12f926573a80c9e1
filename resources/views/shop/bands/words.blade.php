@php($picture = $shop->picture($band->path('picture')))
<div @class(['frame', 'with-picture' => $picture !== null, 'picture-'.$shop->text($band->path('side'))]) data-from="{{ $band->path('side') }}">
  <div class="band-words">@include('shop.bands.heading')@foreach (preg_split('/\n{2,}/', $shop->words($band->path('text')), -1, PREG_SPLIT_NO_EMPTY) as $paragraph)<p
    data-from="{{ $band->path('text') }}">{{ $shop->inColors($paragraph) }}</p>@endforeach @include('shop.bands.button')</div>
  @if ($picture)<x-shop::picture :shop="$shop" :picture="$picture" sizes="(max-width: 759px) 92vw, 46vw" data-from="{{ $band->path('picture') }}"/>@endif
</div>
