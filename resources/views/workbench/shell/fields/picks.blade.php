@php($chosen = array_values(array_filter(explode(',', $value))))
@php($kind = $setting->type->kind)
@php($names = $kind === 'product' ? $bench->store->productNames($chosen) : $bench->store->pictureNames($chosen))
@php($offered = $kind === 'product' ? $bench->store->products() : $bench->store->pictures())
<span class="field-label" id="{{ $id }}-label">{{ $setting->label }} <small>{{ count($chosen) }} of at most {{ $setting->type->max }}</small></span>
<input type="hidden" name="value" value="{{ $value }}" data-picks-value>
<ol class="item-list picks" aria-labelledby="{{ $id }}-label" @if ($edits) data-picks data-sortable @endif>
  @foreach ($chosen as $i => $name)
  <li class="item" data-name="{{ $name }}"><span class="grip-handle" aria-hidden="true"><x-icon name="grip-vertical"/></span>
    @if ($kind === 'picture' && $bench->picture($name))<img src="{{ $bench->picture($name)->smallest() }}" alt="" width="40" height="28">@endif
    <span class="item-name">{{ $names[$name] ?? "$name, which is not there" }}</span>
    @if ($edits)<span class="item-tools">
      <button type="button" class="item-tool-button" data-pick-move="-1" aria-label="Move {{ $names[$name] ?? $name }} up" @disabled($i === 0)><x-icon name="arrow-up"/></button>
      <button type="button" class="item-tool-button" data-pick-move="1" aria-label="Move {{ $names[$name] ?? $name }} down" @disabled($i === count($chosen) - 1)><x-icon name="arrow-down"/></button>
      <button type="button" class="item-tool-button" data-pick-out aria-label="Take out {{ $names[$name] ?? $name }}"><x-icon name="x"/></button>
    </span>@endif
  </li>
  @endforeach
</ol>
@if ($edits && count($chosen) < $setting->type->max)
<select class="entry" id="{{ $id }}" data-pick-add aria-label="Add to: {{ $setting->label }}"><option value="">Add one…</option>@foreach (array_diff_key($offered, array_flip($chosen)) as $name => $words)<option value="{{ $name }}">{{ $words }}</option>@endforeach</select>
@endif
