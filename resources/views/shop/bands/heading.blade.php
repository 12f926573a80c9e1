@if ($shop->text($band->path('heading')) !== '')<h{{ $shop->text($band->path('level')) }} id="heading-{{ $band->name() }}"
  data-from="{{ $band->path('heading') }} {{ $band->path('level') }}">{{ $shop->inColors($shop->words($band->path('heading'))) }}</h{{ $shop->text($band->path('level')) }}>@endif
