<div class="frame">
  <div>@include('shop.bands.heading')@if ($shop->text($band->path('words')) !== '')<p data-from="{{ $band->path('words') }}">{{ $shop->inColors($shop->words($band->path('words'))) }}</p>@endif</div>
  <form method="post" action="{{ $shop->address('/letters') }}"><div class="field"><label for="email-{{ $band->name() }}">{{ $shop->say('E-mail') }}</label><input class="input"
    id="email-{{ $band->name() }}"
    name="email" type="email" autocomplete="email" required></div><button
    class="button {{ $shop->colors($band->path('button.scheme')) }}"
      data-from="{{ $band->path('button') }} {{ $band->path('button.scheme') }}">{{ $shop->words($band->path('button')) }}</button></form>
</div>
