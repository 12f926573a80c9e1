@php($names = array_slice(['first', 'second', 'third', 'fourth'], 0, $shop->number($band->path('count'))))
<div class="frame">
  @if ($shop->text($band->path('heading')) !== '')<div class="band-head">@include('shop.bands.heading')</div>@else<h2 class="hidden-words"
    id="heading-{{ $band->name() }}">{{ $shop->say('More') }}</h2>@endif
  <ul class="columns columns-{{ count($names) }}" data-from="{{ $band->path('count') }}">
    @foreach ($names as $name)
    @php($picture = $shop->picture($band->path("$name.picture")))
    @php($target = $shop->text($band->path("$name.target")))
    <li>
      @if ($picture)<div class="column-picture" data-from="{{ $band->path("$name.picture") }}"><x-shop::picture :shop="$shop" :picture="$picture" sizes="(max-width: 759px) 92vw, 30vw"/></div>@endif
      @if ($shop->text($band->path("$name.heading")) !== '')<h3 data-from="{{ $band->path("$name.heading") }} {{ $band->path("$name.target") }}">@if ($target !== '')<a
        href="{{ $shop->address($target) }}">{{ $shop->inColors($shop->words($band->path("$name.heading"))) }}</a>@else{{
        $shop->inColors($shop->words($band->path("$name.heading"))) }}@endif</h3>@endif
      @if ($shop->text($band->path("$name.text")) !== '')<p data-from="{{ $band->path("$name.text") }}">{{ $shop->inColors($shop->words($band->path("$name.text"))) }}</p>@endif
    </li>
    @endforeach
  </ul>
</div>
