@php($chosen = array_values(array_filter(explode(',', $value))))
@php($kind = $setting->type->kind)
@php($names = $kind === 'product' ? $bench->store->productNames($chosen) : $bench->store->pictureNames($chosen))
@php($offered = $kind === 'product' ? $bench->store->products() : $bench->store->pictures())
<span class="field-label flex justify-between gap-2.5 pr-13" id="{{ $id }}-label">{{ $label }} <small class="text-ink-2">{{ count($chosen) }} of at most {{ $setting->type->max }}</small></span>
<input type="hidden" name="value" value="{{ $value }}" data-picks-value>
<ol @class(['item-list mt-0.75 grid grid-cols-1 border-t border-thread', 'min-h-7' => $chosen === []]) aria-labelledby="{{ $id }}-label" data-picks data-sortable
  @if ($kind === 'picture') data-takes-picture="picks" @endif>
  @foreach ($chosen as $i => $name)
  @php($title = $names[$name] ?? $name)
  <x-row :data-name="$name" :hasGrip="true" :name="$title">
    @if ($kind === 'picture' && $bench->picture($name))<img class="h-7 w-10 flex-none object-cover" src="{{ $bench->picture($name)->smallest() }}" alt="" width="40" height="28">@endif
    <span class="item-name min-w-0 flex-1 truncate py-1.5">{{ $names[$name] ?? "$name, which is not there" }}</span>
    <x-slot:tools>
      <x-row-tool icon="arrow-up" :label="'Move '.$title.' up'" data-pick-move="-1" :disabled="$i === 0"/>
      <x-row-tool icon="arrow-down" :label="'Move '.$title.' down'" data-pick-move="1" :disabled="$i === count($chosen) - 1"/>
      <x-row-tool icon="x" :label="'Take out '.$title" :data-delete="$title" data-pick-out/>
    </x-slot:tools>
  </x-row>
  @endforeach
</ol>
@if (count($chosen) < $setting->type->max)
<select class="entry" id="{{ $id }}" data-pick-add aria-label="Add to: {{ $setting->label }}"><option value="">Add one…</option>
  @foreach (array_diff_key($offered, array_flip($chosen)) as $name => $words)<option value="{{ $name }}">{{ $words }}</option>@endforeach</select>
@endif
