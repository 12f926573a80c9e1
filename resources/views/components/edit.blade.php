@props(['bench', 'path' => null, 'value' => null, 'changes' => null, 'with' => [], 'tries' => false, 'look' => 'act'])
{{-- A button that makes one edit: a setting's value, or several changes at once, which pointing at it may try on. --}}
@php($values = $changes === null ? ['path' => $path, 'value' => $value] : ['changes' => json_encode($changes)])
<button type="button" {{ $attributes->class([$look]) }} @if ($tries) data-try="{{ $bench->trial($changes) }}" @endif
  hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode([...$values, ...$with]) }}">{{ $slot }}</button>
