@props(['label', 'tabs'])
{{-- $tabs: list of [address, words, whether it is open] --}}
<nav class="flex flex-wrap gap-x-1 gap-y-0.5" aria-label="{{ $label }}">
  @foreach ($tabs as [$address, $words, $isOpen])
  <a href="{{ $address }}" hx-get="{{ $address }}" @if ($isOpen) aria-current="true" @endif
    @class(['part-tab min-h-6 px-2 py-0.75 underline-offset-3 hover:underline', 'bg-blue-wash font-semibold shadow-[inset_0_-2px_var(--color-blue)]' => $isOpen])>{{ $words }}</a>
  @endforeach
</nav>
