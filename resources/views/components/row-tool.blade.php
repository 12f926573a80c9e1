@props(['icon', 'label'])
<button type="button" {{ $attributes }} aria-label="{{ $label }}"
  class="inline-grid size-6.5 cursor-pointer place-items-center text-ink-1 hover:bg-paper-3 disabled:cursor-default disabled:text-thread-2"><x-icon :name="$icon"/></button>
