@props(['shop', 'picture', 'sizes' => '100vw', 'eager' => false, 'alt' => null])
@if ($picture->formats === [])
<img {{ $attributes->class([$picture->focus()]) }} src="{{ $picture->address() }}" srcset="{{ $picture->addresses() }}" sizes="{{ $sizes }}" alt="{{ $alt ?? $shop->say($picture->alt) }}"
  width="{{ $picture->width }}" height="{{ $picture->height }}" @if ($eager) fetchpriority="high" @else loading="lazy" @endif decoding="async">
@else
<picture>@foreach ($picture->formats as $format)<source type="image/{{ $format }}" srcset="{{ $picture->addresses($format) }}" sizes="{{ $sizes }}">@endforeach<img
  {{ $attributes->class([$picture->focus()]) }} src="{{ $picture->address() }}" srcset="{{ $picture->addresses() }}" sizes="{{ $sizes }}"
  alt="{{ $alt ?? $shop->say($picture->alt) }}" width="{{ $picture->width }}" height="{{ $picture->height }}"
  @if ($eager) fetchpriority="high" @else loading="lazy" @endif decoding="async"></picture>
@endif
