@props(['isOpen' => false, 'isOff' => false, 'hasGrip' => false, 'name' => ''])
@php($grip = "Take $name: Space, then the arrow keys")
<li {{ $attributes->class([
    'item flex min-h-8 items-center gap-1.5 border-b border-thread', 'is-open chosen' => $isOpen, 'bg-paper' => ! $isOpen,
    'is-off [&_.item-name]:text-ink-2 [&_.item-name]:line-through' => $isOff,
]) }}>
  @if ($hasGrip)<span role="button" tabindex="0" class="grip-handle inline-grid min-h-6 min-w-6 cursor-grab place-items-center text-edge aria-pressed:bg-blue aria-pressed:text-white"
    aria-pressed="false"
    aria-label="{{ $grip }}" title="{{ $grip }}"><x-icon name="grip-vertical"/></span>@endif
  {{ $slot }}
  @isset($tools)<span class="item-tools flex flex-none">{{ $tools }}</span>@endisset
</li>
