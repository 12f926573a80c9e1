@if ($shop->text($band->path('button')) !== '')<a class="button" href="{{ $shop->address($shop->text($band->path('target')) ?: '/') }}"
  data-from="{{ $band->path('button') }} {{ $band->path('target') }}">{{ $shop->text($band->path('button')) }}</a>@endif
