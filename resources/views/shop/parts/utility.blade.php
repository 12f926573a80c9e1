@php($wide = $shop->utility('wide'))
@php($phone = $shop->utility('phone'))
@php($items = $shop->utility('all'))
@if ($items !== [])
<aside aria-label="{{ $shop->say('Contact') }}"
  @class(['utility', $shop->wears('utility.scheme'), 'not-on-phone' => count($wide) === count($items), 'on-phone-only' => count($phone) === count($items)])
  data-part="utility" data-from="utility.show">
  <ul class="frame" data-from="utility.icons">
    @foreach ($items as $item)<li @class(['utility-words' => $item === 'words', 'not-on-phone' => in_array($item, $wide, true), 'on-phone-only' => in_array($item, $phone, true)])
      data-from="utility.{{ $item }}.show utility.{{ $item }}.devices">@include('shop.parts.utility-item')</li>@endforeach
  </ul>
</aside>
@endif
