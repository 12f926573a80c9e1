@use('Ikat\Core\Store\Cell\ChoiceCell')
@use('Ikat\Core\Store\Cell\TextCell')
{{-- A field of the open record: $column, $row; $name for one of a new record. --}}
@php($field = $column->type->field())
@php($id = 'f-'.($new ?? false ? 'new-' : '').$kind->key.'-'.$column->key)
@php($name = $new ?? false ? "new[$column->key]" : 'value')
@php($written = $row === null ? $panel->begins($column) : $panel->written($column, $row))
@php($most = $column->type instanceof TextCell ? $column->type->most : null)
<label class="text-small text-ink-2" for="{{ $id }}">{{ $column->label }}</label>
@if ($field === 'lines')
<textarea class="entry" id="{{ $id }}" name="{{ $name }}" rows="{{ match ($column->key) { 'options' => 2, 'facts' => 3, default => 4 } }}"
  @if ($column->placeholder !== '') placeholder="{{ $column->placeholder }}" @endif @if ($most) data-most="{{ $most }}" @endif>{{ $written }}</textarea>
@elseif ($field === 'rich')
<textarea class="entry" id="{{ $id }}" name="{{ $name }}" rows="6" data-rich data-most="{{ $column->type->most }}">{{ $written }}</textarea>
<div id="{{ $id }}-rich-{{ $new ?? false ? 'new' : $panel->openId() }}" data-rich-place></div>
@elseif ($field === 'choice' && $column->type instanceof ChoiceCell)
<select class="entry" id="{{ $id }}" name="{{ $name }}">@foreach ($column->type->choices as $words)<option @selected($words === $written)>{{ $words }}</option>@endforeach</select>
@elseif ($field === 'switch')
<select class="entry" id="{{ $id }}" name="{{ $name }}"><option @selected($written === 'no')>no</option><option @selected($written === 'yes')>yes</option></select>
@elseif ($field === 'pictures')
@php($standing = ($row['pictures'] ?? []) === [] ? null : $bench->picture($written))
<span class="flex items-center gap-2" data-takes-picture="field">@if ($standing)<img class="h-8 w-11 object-cover" src="{{ $standing->smallest() }}" alt="" width="44" height="32">@endif<input
  class="entry" id="{{ $id }}" name="{{ $name }}" value="{{ $written }}" autocomplete="off"><button type="button" class="act flex-none" id="{{ $id }}-library" data-library=""
  aria-label="{{ $column->label }}: choose from the library">Library</button></span>
@else
<input class="entry {{ $field === 'number' ? 'text-right' : '' }}" id="{{ $id }}" name="{{ $name }}" value="{{ $field === 'moment' ? str_replace(' ', 'T', $written) : $written }}"
  autocomplete="off" @if ($column->placeholder !== '') placeholder="{{ $column->placeholder }}" @endif @if ($field === 'number') inputmode="decimal" @endif
  @if ($field === 'day') type="date" @elseif ($field === 'moment') type="datetime-local" @endif
  @if (in_array($field, ['record', 'target'], true)) list="{{ $id }}-names" hx-get="{{ $bench->address('storeroom/names') }}?column={{ $column->key }}&amp;open_kind={{ $kind->key }}"
  hx-trigger="input changed delay:150ms" hx-target="#{{ $id }}-names" hx-swap="innerHTML" hx-sync="this:replace" @endif @if ($most)
    data-most="{{ $most }}" @endif>
@if (in_array($field, ['record', 'target'], true))<datalist id="{{ $id }}-names">@include('workbench.storeroom.names', ['names' => $panel->offered($column)])</datalist>@endif
@endif
