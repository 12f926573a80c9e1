@props(['severity'])
@use('Ikat\Core\Check\Severity')
@php($kind = $severity instanceof Severity ? $severity : Severity::from($severity))
<svg {{ $attributes->class(['dia inline-block size-[11px] flex-none align-[-1px] [shape-rendering:crispEdges]', 'text-madder' => $kind->value === 'stop']) }} viewBox="0 0 11 11" role="img"
  aria-label="{{ $kind->inWords() }}"><use href="#dia-{{ $kind->value }}"/></svg>
