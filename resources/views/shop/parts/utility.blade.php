@if ($shop->on('utility.show'))
@php($icons = $shop->on('utility.icons'))
<aside aria-label="Contact" class="utility {{ $shop->wears('utility.scheme') }}" data-part="utility" data-from="utility.show">
  <div class="frame">
    @if ($shop->on('utility.words.show') && $shop->text('utility.words.text') !== '')<p data-from="utility.words.text utility.words.show">{{ $shop->text('utility.words.text') }}</p>@endif
    <ul data-from="utility.icons">
      @if ($shop->on('utility.phone.show') && $shop->text('utility.phone.text') !== '')<li data-from="utility.phone.show"><a data-from="utility.phone.text"
        href="tel:{{ preg_replace('/[^0-9+]/', '', $shop->text('utility.phone.text')) }}">@if ($icons)<x-icon name="phone"/>@endif{{ $shop->text('utility.phone.text') }}</a></li>@endif
      @if ($shop->on('utility.email.show') && $shop->text('utility.email.text') !== '')<li data-from="utility.email.show"><a data-from="utility.email.text"
        href="mailto:{{ $shop->text('utility.email.text') }}">@if ($icons)<x-icon name="mail"/>@endif{{ $shop->text('utility.email.text') }}</a></li>@endif
      @foreach (['first', 'second'] as $key)@if ($shop->on("utility.$key.show") && $shop->text("utility.$key.text") !== '')<li data-from="utility.{{ $key }}.show"><a
        data-from="utility.{{ $key }}.text utility.{{ $key }}.target" href="{{ $shop->address($shop->text("utility.$key.target") ?: '/') }}">@if ($icons)<x-icon
        name="arrow-right"/>@endif{{ $shop->text("utility.$key.text") }}</a></li>@endif @endforeach
    </ul>
  </div>
</aside>
@endif
