@props(['name'])
<svg {{ $attributes->merge(['class' => 'icon']) }} width="24" height="24" aria-hidden="true"><use href="/build/icons.svg#{{ $name }}"/></svg>
