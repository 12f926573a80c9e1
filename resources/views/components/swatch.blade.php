@props(['colors', 'w' => null, 'h' => 16])
{{-- Colors side by side, as wide as what holds them when no width in px is given. --}}
<svg {{ $attributes->class(['outline outline-thread-2', 'flex-none' => $w, 'w-full' => ! $w]) }} viewBox="0 0 {{ 10 * max(1, count($colors)) }} 10" preserveAspectRatio="none"
  @if ($w) width="{{ $w }}" @endif height="{{ $h }}" aria-hidden="true">@foreach (array_values($colors) as $i => $color)<rect x="{{ 10 * $i }}" width="10" height="10"
    fill="{{ $color }}"/>@endforeach</svg>
