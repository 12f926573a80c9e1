@php($followed = $bench->follows($setting->path))
<label for="{{ $id }}">{{ $label }}</label>
<span class="flex items-center gap-1.5"><x-swatch :colors="[$value]" w="28" h="28"/><input class="entry" id="{{ $id }}" name="value" value="{{ $value }}" spellcheck="false" autocomplete="off"></span>
@if ($bench->edits())<x-brand-chips :$bench :path="$setting->path" :of="$setting->label"/>@endif
@if ($followed)<p class="text-[12px] text-ink-2">Linked to {{ $bench->setting($followed)->label }}.</p>@endif
