@props(['label'])
<label {{ $attributes->class(['grid gap-1 font-semibold *:[.entry]:min-h-9']) }}>{{ $label }}{{ $slot }}</label>
