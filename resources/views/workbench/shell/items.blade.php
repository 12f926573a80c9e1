@use('Ikat\Core\Setting\Catalog\Parts')
@use('Ikat\Core\Setting\Item')
@php($type = $list->type)
@php($names = array_values(array_filter(explode(',', $bench->inspection()->look->text($list->path)))))
@php($id = 'c-'.str_replace('.', '-', $list->path))
@php($step = $bench->address($bench->step->key()))
<div class="control items py-1.25" data-reach="{{ $list->path }}" data-items="{{ $list->path }}">
  <h3 id="{{ $id }}" class="font-semibold" tabindex="-1">{{ $list->label }} <small>{{ count($names) }} of at most {{ (int) $type->max }}</small></h3>
  @if ($names === [])<p class="text-[12px] text-ink-2">None yet. Add one below.</p>@endif
  <ol class="item-list mt-0.75 grid grid-cols-1 border-t border-thread" aria-labelledby="{{ $id }}" @if ($edits) data-sortable @endif>
    @foreach ($names as $i => $name)
    @php($item = Item::named($type->prefix, $name))
    @php($part = $item->part())
    @php($switch = $item->path($type->switch))
    @php($isOn = $bench->isOn($switch))
    @php($title = Parts::label($part))
    <x-row :data-name="$name" :isOpen="$panel->part === $part" :isOff="! $isOn" :hasGrip="$edits" :name="$title">
      <a class="item-name min-w-0 flex-1 truncate py-1.5" href="{{ $step }}?open_part={{ $part }}" hx-get="{{ $step }}?open_part={{ $part }}" @if ($panel->part === $part) aria-current="true" @endif
        data-reach="{{ $switch }}"><b>{{ $title }}</b> <span class="text-ink-2">{{ $panel->gist($item) }}</span></a>
      @if ($edits)
      <x-slot:tools>
        <x-row-tool icon="arrow-up" :label="'Move '.$title.' up'" data-move="-1" :disabled="$i === 0"/>
        <x-row-tool icon="arrow-down" :label="'Move '.$title.' down'" data-move="1" :disabled="$i === count($names) - 1"/>
        <x-row-tool :icon="$isOn ? 'eye' : 'eye-off'" :label="($isOn ? 'Hide' : 'Show').' '.$title" :hx-post="$bench->address('edits')"
          :hx-vals="json_encode(['path' => $switch, 'value' => $isOn ? 'off' : 'on'])"/>
        <x-row-tool icon="trash-2" :label="'Delete '.$title" :data-delete="$title" :hx-post="$bench->address('edits')"
          :hx-vals="json_encode(['path' => $list->path, 'value' => implode(',', array_diff($names, [$name]))])"/>
      </x-slot:tools>
      @endif
    </x-row>
    @endforeach
  </ol>
  @if ($edits && count($names) < $type->max)
  <p class="flex flex-wrap gap-x-3 gap-y-0.5 pt-1.25"><span class="text-ink-2">Add</span>
    @foreach ($type->kinds as $kind => $words)
    @php($new = $kind.'-'.$panel->nextNumber($list, $kind))
    <x-edit :$bench :path="$list->path" :value="implode(',', [...$names, $new])" :with="['open_part' => $type->prefix.'-'.$new]">{{ $words }}</x-edit>
    @endforeach
  </p>
  @endif
</div>
