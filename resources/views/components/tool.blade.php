@props(['id', 'title', 'note' => '', 'isItem' => false, 'isTarget' => false])
@inject('held', 'App\Workbench\Shell\HeldSections')
@php($digest = $held->digest("$title|$note|$attributes|$slot"))
@if ($held->has($id, $digest))
<section id="tool-{{ $id }}" data-held></section>
@else
@php($line = $isItem ? 'border-t-2 border-blue' : 'border-t border-ink-1')
<section {{ $attributes->class(['tool']) }} id="tool-{{ $id }}" data-digest="{{ $digest }}" aria-labelledby="{{ $id }}">
  <h2 id="{{ $id }}" class="{{ $line }} mb-1.25 flex items-baseline gap-2 pt-1 font-title text-title font-semibold" @if ($isTarget) tabindex="-1" @endif>{{ $title }}@if ($note !== '')
    <small class="ml-auto text-right font-text text-small font-normal text-ink-2">{{ $note }}</small>@endif</h2>
  {{ $slot }}
</section>
@endif
