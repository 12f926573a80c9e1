<label for="{{ $id }}">{{ $setting->label }}</label>
<span class="color-field"><svg width="28" height="28" aria-hidden="true"><rect width="28" height="28" fill="{{ $value }}"/></svg><input class="entry" id="{{ $id }}" name="value" value="{{ $value }}" spellcheck="false" autocomplete="off" @disabled(! $edits)></span>
@if ($bench->follows($setting->path))<p class="unmet">Follows {{ $bench->setting($bench->follows($setting->path))->label }}.</p>@endif
