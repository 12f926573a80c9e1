@include('workbench.storeroom.any')
@php($first = $row['first_goods'])
@php($shelf = $panel->record()->shelf())
@if ($shelf->isNotEmpty())
<x-tool id="t-shelf" title="On its shelf" :note="$first === [] ? 'as all goods stand' : count($first).' placed by hand, then as all goods stand'">
  <ol class="flex flex-wrap gap-1.5" aria-label="Goods of the category, in order" data-shelf data-kept-by="categories-shelf-kept" data-between="; " data-placed="{{ count($first) }}">
    @foreach ($shelf as $product)
    @php($picture = $product->picture === null ? null : $bench->picture($product->picture->name))
    <li class="record-picture relative grid w-[74px] content-start gap-0.5" data-name="{{ $product->slug }}">
      <span class="relative block h-[58px] w-[74px] border border-thread bg-surface">@if ($picture)<img class="size-full object-cover" src="{{ $picture->smallest() }}" alt="" width="74" height="58"
        draggable="false">@endif<b @class(['absolute bottom-0 left-0 px-1', 'bg-blue text-paper' => $loop->index < count($first), 'bg-paper' => $loop->index >= count($first)])>{{ $loop->iteration
        }}</b></span>
      <span class="truncate text-small">{{ $product->name }}</span>
      @if ($edits)<span class="flex justify-between"><button type="button" class="inline-grid size-6 place-items-center" data-place-by="-1" aria-label="{{ $product->name }}, earlier"
        @disabled($loop->first)><x-icon name="arrow-left"/></button><button type="button" class="inline-grid size-6 place-items-center" data-place-by="1"
        aria-label="{{ $product->name }}, later" @disabled($loop->last)><x-icon name="arrow-right"/></button></span>@endif
    </li>
    @endforeach
  </ol>
  @if ($edits)
  <form id="form-categories-shelf" class="control flex gap-4 pt-1" hx-post="{{ $bench->address('storeroom/cells') }}" hx-trigger="change, submit"><input type="hidden" name="record"
    value="{{ $id }}"><input type="hidden" name="column" value="first_goods"><input type="hidden" name="stood" value="{{ $panel->written($kind->column('first_goods'), $row) }}"><input type="text"
    class="hidden" name="value" aria-hidden="true" tabindex="-1" value="" id="categories-shelf-kept">@if ($first !== [])<button class="act">As all goods stand</button>@endif
    <span class="text-ink-2">Drag to place; the first {{ count($shelf) }} are shown.</span></form>
  @endif
</x-tool>
@endif
