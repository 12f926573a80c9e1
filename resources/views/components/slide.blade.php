@props(['bench', 'path', 'kind'])
{{-- A mark of a drawing that is dragged or moved by key to another value of a setting. --}}
@php($setting = $bench->setting($path))
@php($unit = $setting->type instanceof \Ikat\Core\Setting\Type\LengthType ? 'px' : '')
@php($value = Ikat\Core\Setting\Setting::plainNumber($bench->inspection()->look->value($path)))
<g {{ $attributes->class(['slide']) }} role="slider" tabindex="0" data-slides="{{ $kind }}" data-path="{{ $path }}" data-live="{{ $setting->property() }}" data-step="{{ $setting->type->increment }}"
  data-unit="{{ $unit }}" aria-label="{{ $setting->label }}" aria-valuemin="{{ $setting->type->min }}" aria-valuemax="{{ $setting->type->max }}" aria-valuenow="{{ $value }}"
  aria-valuetext="{{ trim("$value $unit") }}" @if (! $bench->edits()) aria-disabled="true" @endif>{{ $slot }}</g>
