@php($followed = $bench->follows($setting->path))
@php($theme = $bench->snapshot->theme())
<label for="{{ $id }}">{{ $label }}</label>
<span class="flex items-center gap-1.5"><x-swatch :colors="[$value]" w="28" h="28"/><input class="entry" id="{{ $id }}" name="value" value="{{ $value }}" spellcheck="false" autocomplete="off"></span>
@if ($bench->edits())
<x-chips words="Brand" label="Brand: link {{ $setting->label }} to one of these colors">
  @foreach ($theme->brandColors as $key => $name)
  <button type="button" class="chip size-6 cursor-pointer p-0.5 aria-pressed:shadow-[inset_0_0_0_2px_var(--color-blue)]" tabindex="{{ $loop->first ? 0 : -1 }}" aria-label="Link to {{ $name }}"
    aria-pressed="{{ $followed === "brand.$key" ? 'true' : 'false' }}" title="{{ $name }}" hx-post="{{ $bench->address('edits') }}"
    hx-vals="{{ json_encode(['path' => $setting->path, 'value' => '{brand.'.$key.'}']) }}"><svg class="outline outline-thread-2" width="20" height="20" aria-hidden="true"><rect width="20"
    height="20" fill="{{ $bench->inspection()->look->text("brand.$key") }}"/></svg></button>
  @endforeach
</x-chips>
@endif
@if ($followed)<p class="text-[12px] text-ink-2">Linked to {{ $bench->setting($followed)->label }}.</p>@endif
