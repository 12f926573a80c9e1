@props(['severity'])
@php($kind = $severity instanceof Ikat\Core\Check\Severity ? $severity : Ikat\Core\Check\Severity::from($severity))
<svg {{ $attributes->class(['dia', 'dia-stop' => $kind->value === 'stop']) }} viewBox="0 0 11 11" role="img" aria-label="{{ $kind->inWords() }}"><use href="#dia-{{ $kind->value }}"/></svg>
