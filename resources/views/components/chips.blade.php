@props(['label', 'words'])
<div class="chip-row flex flex-wrap items-center gap-0.5" role="toolbar" data-roving aria-label="{{ $label }}"><span class="w-11 text-[12px] text-ink-2">{{ $words }}</span>{{ $slot }}</div>
