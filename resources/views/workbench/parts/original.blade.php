@php($mine = $bench->ownCount())
@if ($mine > 0 && $bench->user->role->edits())
<form class="step-original" hx-post="{{ $bench->address('original') }}" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML"><input type="hidden" name="only" value="{{ $bench->step->value }}"><button class="act">Back to the original: {{ $bench->step->label() }}</button> <span>takes {{ $mine }} {{ $mine === 1 ? 'change' : 'changes' }} of yours back</span></form>
@endif
