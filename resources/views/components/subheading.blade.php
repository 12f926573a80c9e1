@props(['title', 'note' => ''])
<h3 {{ $attributes->class(['flex items-baseline gap-2 pt-1.5 font-title text-title/5 font-semibold']) }}>{{ $title }}@if ($note !== '')
  <small class="ml-auto font-text text-small font-normal text-ink-2">{{ $note }}</small>@endif</h3>
