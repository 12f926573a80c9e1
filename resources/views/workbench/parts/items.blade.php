@php($names = array_values(array_filter(explode(',', $bench->input()->look->text($list->path)))))
@php($id = 'c-'.str_replace('.', '-', $list->path))
<div class="control items" data-reach="{{ $list->path }}" data-items="{{ $list->path }}" data-url="{{ $bench->address('edits') }}">
  <h3 id="{{ $id }}" tabindex="-1">{{ $list->label }} <small>{{ count($names) }} of at most {{ (int) $list->max }}</small></h3>
  @if ($names === [])<p class="unmet">None yet. Add one below.</p>@endif
  <ol class="item-list" aria-labelledby="{{ $id }}" @if ($edits) data-sortable @endif>
    @foreach ($names as $i => $name)
    @php($item = Ikat\Core\Setting\Item::named($list->of, $name))
    @php($part = "$list->of-$name")
    @php($switch = $item->path($list->of === 'season' ? 'on' : 'show'))
    @php($title = Ikat\Core\Setting\Catalog\Parts::label($part))
    <li data-name="{{ $name }}" @class(['item', 'is-open' => $bench->openPart() === $part, 'is-off' => ! $bench->isOn($switch)])>
      <span class="grip-handle" aria-hidden="true"><x-icon name="grip-vertical"/></span>
      <a class="item-name" href="{{ $bench->address($bench->step->value) }}?open_part={{ $part }}" hx-get="{{ $bench->address($bench->step->value) }}?open_part={{ $part }}" hx-target="#bench" hx-swap="morph:innerHTML" @if ($bench->openPart() === $part) aria-current="true" @endif data-reach="{{ $switch }}"><b>{{ $title }}</b> <span>{{ $bench->gist($item) }}</span></a>
      @if ($edits)
      <span class="item-tools">
        <button type="button" class="item-tool-button" data-move="-1" aria-label="Move {{ $title }} up" @disabled($i === 0)><x-icon name="arrow-up"/></button>
        <button type="button" class="item-tool-button" data-move="1" aria-label="Move {{ $title }} down" @disabled($i === count($names) - 1)><x-icon name="arrow-down"/></button>
        <button type="button" class="item-tool-button" hx-post="{{ $bench->address('edits') }}" hx-include="#state" hx-vals="{{ json_encode(['path' => $switch, 'value' => $bench->isOn($switch) ? 'off' : 'on']) }}" hx-target="#bench" hx-swap="morph:innerHTML" aria-label="{{ $bench->isOn($switch) ? 'Hide' : 'Show' }} {{ $title }}"><x-icon :name="$bench->isOn($switch) ? 'eye' : 'eye-off'"/></button>
        <button type="button" class="item-tool-button" hx-post="{{ $bench->address('edits') }}" hx-include="#state" hx-vals="{{ json_encode(['path' => $list->path, 'value' => implode(',', array_diff($names, [$name]))]) }}" hx-target="#bench" hx-swap="morph:innerHTML" aria-label="Delete {{ $title }}"><x-icon name="trash-2"/></button>
      </span>
      @endif
    </li>
    @endforeach
  </ol>
  @if ($edits && count($names) < $list->max)
  <p class="item-add"><span>Add</span>
    @foreach ($list->choices as $kind => $words)
    <button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-include="#state" hx-vals="{{ json_encode(['path' => $list->path, 'value' => implode(',', [...$names, $kind.'-'.$bench->nextNumber($list, $kind)]), 'open_part' => $list->of.'-'.$kind.'-'.$bench->nextNumber($list, $kind)]) }}" hx-target="#bench" hx-swap="morph:innerHTML">{{ $words }}</button>
    @endforeach
  </p>
  @endif
</div>
