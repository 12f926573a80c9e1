<label for="{{ $id }}">{{ $setting->label }} <small>{{ str_replace('_', ' ', $bench->snapshot->zone->getName()) }} time</small></label>
<input class="entry" type="datetime-local" id="{{ $id }}" name="value" value="{{ $value }}" @disabled(! $edits)>
