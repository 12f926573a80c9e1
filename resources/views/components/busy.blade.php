@props(['id', 'words'])
<p id="{{ $id }}" class="hidden items-center gap-2 [&.htmx-request]:flex" role="status"><progress aria-label="{{ $words }}"></progress> {{ $words }}…</p>
