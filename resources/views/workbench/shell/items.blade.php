@php($type = $list->type)
@php($names = array_values(array_filter(explode(',', $bench->inspection()->look->text($list->path)))))
@php($id = 'c-'.str_replace('.', '-', $list->path))
<div class="control items" data-reach="{{ $list->path }}" data-items="{{ $list->path }}" data-url="{{ $bench->address('edits') }}">
  <h3 id="{{ $id }}" tabindex="-1">{{ $list->label }} <small>{{ count($names) }} of at most {{ (int) $type->max }}</small></h3>
  @if ($names === [])<p class="unmet">None yet. Add one below.</p>@endif
  <ol class="item-list" aria-labelledby="{{ $id }}" @if ($edits) data-sortable @endif>
    @foreach ($names as $i => $name)
    @php($item = Ikat\Core\Setting\Item::named($type->prefix, $name))
    @php($part = $item->part())
    @php($switch = $item->path($type->switch))
    @php($title = Ikat\Core\Setting\Catalog\Parts::label($part))
    <li data-name="{{ $name }}" @class(['item', 'is-open' => $panel->part === $part, 'is-off' => ! $bench->isOn($switch)])>
      <span class="grip-handle" aria-hidden="true"><x-icon name="grip-vertical"/></span>
      <a class="item-name" href="{{ $bench->address($bench->step->key()) }}?open_part={{ $part }}" hx-get="{{ $bench->address($bench->step->key()) }}?open_part={{ $part }}" @if ($panel->part === $part) aria-current="true" @endif data-reach="{{ $switch }}"><b>{{ $title }}</b> <span>{{ $panel->gist($item) }}</span></a>
      @if ($edits)
      <span class="item-tools">
        <button type="button" class="item-tool-button" data-move="-1" aria-label="Move {{ $title }} up" @disabled($i === 0)><x-icon name="arrow-up"/></button>
        <button type="button" class="item-tool-button" data-move="1" aria-label="Move {{ $title }} down" @disabled($i === count($names) - 1)><x-icon name="arrow-down"/></button>
        <button type="button" class="item-tool-button" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => $switch, 'value' => $bench->isOn($switch) ? 'off' : 'on']) }}" aria-label="{{ $bench->isOn($switch) ? 'Hide' : 'Show' }} {{ $title }}"><x-icon :name="$bench->isOn($switch) ? 'eye' : 'eye-off'"/></button>
        <button type="button" class="item-tool-button" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => $list->path, 'value' => implode(',', array_diff($names, [$name]))]) }}" aria-label="Delete {{ $title }}"><x-icon name="trash-2"/></button>
      </span>
      @endif
    </li>
    @endforeach
  </ol>
  @if ($edits && count($names) < $type->max)
  <p class="item-add"><span>Add</span>
    @foreach ($type->kinds as $kind => $words)
    <button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => $list->path, 'value' => implode(',', [...$names, $kind.'-'.$panel->nextNumber($list, $kind)]), 'open_part' => $type->prefix.'-'.$kind.'-'.$panel->nextNumber($list, $kind)]) }}">{{ $words }}</button>
    @endforeach
  </p>
  @endif
</div>
