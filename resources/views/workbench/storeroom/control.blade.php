{{-- One column of the open record, changed by itself. --}}
<div class="control py-0.5 {{ $class ?? '' }}">
@if ($bench->edits())
<form class="grid min-w-0 gap-0.5" id="form-{{ $kind->key }}-{{ $column->key }}" hx-post="{{ $bench->address('storeroom/cells') }}" hx-trigger="change, submit" hx-sync="this:drop">
  <input type="hidden" name="record" value="{{ $panel->openId() }}"><input type="hidden" name="column" value="{{ $column->key }}"><input type="hidden" name="stood"
    value="{{ $panel->written($column, $row) }}">
  @include('workbench.storeroom.field', ['new' => false])
</form>
@else
<p class="grid gap-0.5"><span class="text-small text-ink-2">{{ $column->label }}</span><span class="whitespace-pre-line">{{ $panel->plain($column, $row) ?: 'none' }}</span></p>
@endif
</div>
