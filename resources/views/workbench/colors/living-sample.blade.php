@php($row = 'flex flex-wrap items-center gap-x-3 gap-y-1')
<div class="living wear scheme-{{ $panel->scheme }}">
  <div class="{{ $row }} justify-between">
    <x-piece :$panel role="menu" class="p-menu">Shop&ensp;About</x-piece>
    <span class="duo p-field"><x-piece :$panel role="field" class="grip"/><x-piece :$panel role="field-ink">ada@example.org</x-piece><x-piece :$panel role="field-line" class="grip p-edge"/></span>
    <x-piece :$panel role="ground" class="grip p-ground">background</x-piece>
  </div>
  <x-piece :$panel role="line" class="p-line"/>
  <div class="{{ $row }}"><x-piece :$panel role="heading" class="p-heading">A heading of your shop</x-piece></div>
  <div class="{{ $row }}"><x-piece :$panel role="ink" class="p-ink">Text as most of it is.</x-piece><x-piece :$panel role="link" class="p-link">A link</x-piece></div>
  <div class="{{ $row }}">
    <x-piece :$panel role="price" class="p-price">$64</x-piece><x-piece :$panel role="reduced" class="p-reduced">$30</x-piece>
    <x-piece :$panel role="rating" class="p-rating">★★★★<span aria-hidden="true">☆</span></x-piece>
    <span class="duo p-action"><x-piece :$panel role="action" class="grip"/><x-piece :$panel role="action-ink">Add to cart</x-piece></span>
    <span class="duo p-quiet"><x-piece :$panel role="quiet" class="grip"/><x-piece :$panel role="quiet-ink">Look</x-piece></span>
  </div>
  @foreach ([['label-sale' => 'Save 20%', 'label-new' => 'New', 'label-gone' => 'Sold out', 'label-own' => 'Special'], ['done' => 'Done', 'notice' => 'Notice', 'problem' => 'Problem']] as $pairs)
  <div class="{{ $row }}">
    @foreach ($pairs as $key => $words)<span class="duo p-{{ $key }}"><x-piece :$panel :role="$key" class="grip"/><x-piece :$panel :role="$key.'-ink'">{{ $words }}</x-piece></span>@endforeach
  </div>
  @endforeach
</div>
