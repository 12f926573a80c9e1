@php($picture = $bench->picture($value))
<span class="field-label" id="{{ $id }}-label">{{ $label }}</span>
<span class="flex items-center gap-3" data-takes-picture="setting">
  @if ($picture)<img class="h-13 w-19 bg-surround object-contain outline outline-thread-2" src="{{ $picture->smallest() }}" alt="{{ $picture->alt }}" width="76" height="52">
  @else<span class="inline-grid h-13 w-19 place-items-center border border-dashed border-edge text-ink-2">none</span>@endif
  <button type="button" class="act" id="{{ $id }}" data-library="{{ $setting->path }}" aria-describedby="{{ $id }}-label">{{ $picture ? 'Choose another' : 'Choose a picture' }}</button>
  @if ($value !== '')<button class="act" name="value" value="" aria-label="Take out: {{ $setting->label }}">Take out</button>@endif
</span>
