@php($mine = $bench->ownCount())
@if ($mine > 0 && $bench->edits())
<form class="step-original" hx-post="{{ $bench->address('original') }}"><input type="hidden" name="only" value="{{ $bench->step->key() }}"><button class="act">Back to the original: {{ $bench->step->label() }}</button> <span>takes {{ $mine }} {{ $mine === 1 ? 'change' : 'changes' }} of yours back</span></form>
@endif
