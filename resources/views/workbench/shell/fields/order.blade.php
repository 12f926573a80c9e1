@php($order = explode(',', $value))
<span class="field-label pr-13" id="{{ $id }}-label">{{ $label }}</span>
<input type="hidden" name="value" value="{{ $value }}" data-picks-value>
<ol class="item-list mt-0.75 grid grid-cols-1 border-t border-thread" aria-labelledby="{{ $id }}-label" data-picks data-sortable>
  @foreach ($order as $i => $name)
  @php($title = $setting->type->things[$name])
  <x-row :data-name="$name" :hasGrip="true" :name="$title">
    <span class="item-name min-w-0 flex-1 truncate py-1.5">{{ $title }}</span>
    <x-slot:tools>
      <x-row-tool icon="arrow-up" :label="'Move '.$title.' up'" data-pick-move="-1" :disabled="$i === 0"/>
      <x-row-tool icon="arrow-down" :label="'Move '.$title.' down'" data-pick-move="1" :disabled="$i === count($order) - 1"/>
    </x-slot:tools>
  </x-row>
  @endforeach
</ol>
