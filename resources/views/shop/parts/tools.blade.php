@php($words = $shop->text('header.icons.words'))
<div class="tools words-{{ $words }}" data-from="header.icons header.icons.words header.icons.place">
  @foreach ($shop->tools() as $icon => [$address, $sign, $name, $isFolded])
  @php($count = $icon === 'cart' ? $shop->visitor->count() : 0)
  @php($isSearchOfBox = $icon === 'search' && $shop->text('header.search') === 'box')
  <a @class(['tool', 'tool-more' => ! $isFolded, 'search-icon' => $isSearchOfBox]) href="{{ $shop->address($address) }}"
    data-from="header.{{ $icon }}{{ $icon === 'cart' ? '' : " header.folded.$icon" }}"
    @if ($icon === 'cart') aria-label="{{ $shop->say($count === 1 ? 'Cart, :count item' : 'Cart, :count items', ['count' => $count]) }}" @elseif ($words === 'none')
      aria-label="{{ $shop->say($name) }}" @endif><x-icon
      name="{{ $sign }}"/>@if ($words !== 'none')<span
    class="tool-words">{{ $shop->say($name) }}</span>@endif @if ($count > 0)<span class="count" aria-hidden="true">{{ $count }}</span>@endif</a>
  @endforeach
</div>
