<label for="{{ $id }}">{{ $setting->label }}</label>
@if ($setting->max > 120)<textarea class="entry" id="{{ $id }}" name="value" rows="3" maxlength="{{ (int) $setting->max }}" @disabled(! $edits)>{{ $value }}</textarea>
@else<input class="entry" id="{{ $id }}" name="value" value="{{ $value }}" maxlength="{{ (int) $setting->max }}" @disabled(! $edits)>@endif
