@php($plain = Ikat\Core\Setting\Setting::plainNumber($value))
@php($type = $setting->type)
<div class="number grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-2.5" data-number>
  <label class="col-span-2 pr-13" for="{{ $id }}">{{ $label }}</label>
  <input class="slider" type="range" aria-label="{{ $setting->label }}, slider" tabindex="-1" min="{{ $type->min }}" max="{{ $type->max }}" step="{{ $type->increment }}" value="{{ $plain }}"
    @if ($setting->isCss()) data-live="{{ $setting->property() }}" @endif data-unit="{{ $cssUnit ?? $type->unit }}" title="Double click: back to the original">
  <span class="flex items-center gap-1"><input class="w-15 border border-edge bg-surface px-1.5 py-0.5 text-right" id="{{ $id }}" name="value" value="{{ $plain }}" inputmode="text"
    autocomplete="off" spellcheck="false" @if ($type->unit !== '') aria-describedby="{{ $id }}-unit" @endif><span class="w-4 text-ink-2"
    id="{{ $id }}-unit">{{ $type->unit }}</span></span>
</div>
