@php($plain = Ikat\Core\Setting\Setting::plainNumber($value))
<label class="flex justify-between gap-2.5" for="{{ $id }}">{{ $setting->label }} <output class="text-ink-2">{{ $plain }} {{ $setting->type->unit }}</output></label>
<input type="range" id="{{ $id }}" name="value" min="{{ $setting->type->min }}" max="{{ $setting->type->max }}" step="{{ $setting->type->increment }}" value="{{ $plain }}"
  @if ($setting->isCss()) data-live="{{ $setting->property() }}" @endif data-unit="{{ $setting->type->unit }}" @disabled(! $edits)>
