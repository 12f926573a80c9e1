@props(['bench', 'path', 'of', 'without' => []])
{{-- Brand colors that a color may be linked to. Dozens of chips stand in an answer: each is written out, not made as a component. --}}
@php($followed = $bench->follows($path))
@php($offered = array_filter($bench->snapshot->theme()->brandColors, fn ($key) => ! in_array("brand.$key", [$path, ...$without], true), ARRAY_FILTER_USE_KEY))
<x-chips words="Brand" :label="'Brand: link '.$of.' to one of these colors'">
  @foreach ($offered as $key => $name)
  <button type="button" class="chip size-6 cursor-pointer p-0.5 aria-pressed:shadow-[inset_0_0_0_2px_var(--color-blue)]" tabindex="{{ $loop->first ? 0 : -1 }}" aria-label="Link to {{ $name }}"
    aria-pressed="{{ $followed === "brand.$key" ? 'true' : 'false' }}" title="{{ $name }}" hx-post="{{ $bench->address('edits') }}"
    hx-vals="{{ json_encode(['path' => $path, 'value' => '{brand.'.$key.'}']) }}"><svg class="outline outline-thread-2" width="20" height="20" aria-hidden="true"><rect width="20" height="20"
    fill="{{ $bench->inspection()->look->text("brand.$key") }}"/></svg></button>
  @endforeach
</x-chips>
