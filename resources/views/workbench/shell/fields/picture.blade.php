@php($picture = $bench->picture($value))
<span class="field-label" id="{{ $id }}-label">{{ $setting->label }}</span>
<span class="picture-field">
  @if ($picture)<img src="{{ $picture->smallest() }}" alt="{{ $picture->alt }}" width="76" height="52">@else<span class="no-picture-yet">none</span>@endif
  @if ($edits)
  <button type="button" class="act" id="{{ $id }}" data-library="{{ $setting->path }}" aria-describedby="{{ $id }}-label">{{ $picture ? 'Choose another' : 'Choose a picture' }}</button>
  @if ($value !== '')<button class="act" name="value" value="" aria-label="Take out: {{ $setting->label }}">Take out</button>@endif
  @endif
</span>
