@php($countries = $shop->countries())
@php($languages = $shop->languages())
@if ($countries !== [])
<form class="chooser" method="post" action="{{ $shop->address('/country') }}" data-from="{{ $from }}"><label class="hidden-words" for="{{ $id }}">Country</label><select class="input"
  id="{{ $id }}" name="country">@foreach ($countries as $code => $name)<option value="{{ $code }}" @selected($code === $shop->visitor->country())>{{ $name }}</option>@endforeach</select><button
  class="plain-button">Go</button></form>
@endif
@if ($languages !== [])<p class="soft small" data-from="{{ $from }}">{{ implode(', ', $languages) }}</p>@endif
