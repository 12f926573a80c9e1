<div class="frame">
  @if ($shop->text($band->path('heading')) !== '')<div class="band-head">@include('shop.bands.heading')</div>@endif
  <ul class="gallery" data-from="{{ $band->path('pictures') }}">@foreach ($shop->picks($band->path('pictures')) as $name)@if ($picture = $shop->pictureNamed($name))<li><x-shop::picture :shop="$shop"
    :picture="$picture" sizes="(max-width: 759px) 46vw, 30vw"/></li>@endif @endforeach</ul>
</div>
