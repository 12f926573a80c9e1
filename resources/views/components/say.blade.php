@props(['shop', 'k'])
<span data-from="say.{{ $k }}">{{ $shop->words("say.$k") }}</span>
