<label class="flex justify-between gap-2.5 pr-13" for="{{ $id }}">{{ $label }} <small class="text-ink-2">{{ str_replace('_', ' ', $bench->snapshot->zone->getName()) }} time</small></label>
<input class="entry" type="datetime-local" id="{{ $id }}" name="value" value="{{ $value }}">
