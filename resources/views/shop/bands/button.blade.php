@if ($shop->text($band->path('button')) !== '')<a class="button {{ $shop->colors($band->path('button.scheme')) }}" href="{{ $shop->address($shop->text($band->path('target')) ?: '/') }}"
  data-from="{{ $band->path('button') }} {{ $band->path('target') }} {{ $band->path('button.scheme') }}">{{ $shop->words($band->path('button')) }}</a>@endif
