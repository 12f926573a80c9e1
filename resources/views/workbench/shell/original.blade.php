@php($mine = $bench->ownCount())
@if ($mine > 0 && $bench->edits())
<form class="border-t border-thread pt-2 pb-3.5" hx-post="{{ $bench->address('original') }}"><input type="hidden" name="only" value="{{ $bench->step->key() }}">
  <button class="act">Back to the original: {{ $bench->step->label() }}</button> <span
    class="text-[12px] text-ink-2">takes {{ $mine }} {{ $mine === 1 ? 'change' : 'changes' }} of yours back</span></form>
@endif
