@props(['isOpen' => false, 'isOff' => false, 'hasGrip' => false])
<li {{ $attributes->class([
    'item flex min-h-8 items-center gap-1.5 border-b border-thread', 'is-open chosen' => $isOpen, 'bg-paper' => ! $isOpen,
    'is-off [&_.item-name]:text-ink-2 [&_.item-name]:line-through' => $isOff,
]) }}>
  @if ($hasGrip)<span class="grip-handle cursor-grab px-0.5 py-1 text-edge" aria-hidden="true"><x-icon name="grip-vertical"/></span>@endif
  {{ $slot }}
  @isset($tools)<span class="item-tools flex flex-none">{{ $tools }}</span>@endisset
</li>
