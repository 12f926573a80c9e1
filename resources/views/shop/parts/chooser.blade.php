@php($countries = $shop->countries())
@php($languages = $shop->languages())
@if ($countries !== [] || $languages !== [])
<form class="chooser" method="post" action="{{ $shop->address('/country') }}" data-from="{{ $from }}">@if ($countries !== [])<label class="hidden-words"
  for="{{ $id }}">{{ $shop->say('Country') }}</label><select class="input" id="{{ $id }}" name="country"
  autocomplete="off">@foreach ($countries as $code => $name)<option value="{{ $code }}" @selected($code === $shop->visitor->country())>{{ $name }}</option>@endforeach</select>@endif
    @if ($languages !== [])<label
  class="hidden-words" for="{{ $id }}-language">{{ $shop->say('Language') }}</label><select class="input" id="{{ $id }}-language" name="language"
  autocomplete="off">@foreach ($languages as $code => $name)<option value="{{ $code }}" lang="{{ $code }}"
  @selected($code === $shop->dictionary->language->code)>{{ $name }}</option>@endforeach</select>@endif <input type="hidden" name="from" value="{{ $shop->here() }}"><button
  class="plain-button">{{ $shop->say('Go') }}</button></form>
@endif
