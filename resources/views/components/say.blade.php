@props(['shop', 'k'])
<span data-from="say.{{ $k }}">{{ $shop->text("say.$k") }}</span>
