@use('App\Storeroom\StoreFileState')
@use('Ikat\Core\Store\File\FileShape')
@php($file = $panel->file)
@php($kind = $panel->kind)
@php($outlook = $file->outlook())
@php($edits = $bench->edits())
@php($at = fn (string $act) => $bench->address("storeroom/files/$file->id/$act"))
<x-heading title="Taking in a file">{{ $file->name }}</x-heading>
@if ($file->state->isUnderWay())
<div data-under-way data-url="{{ $bench->address('storeroom') }}" role="status" class="grid gap-1">
  <p><b>{{ $file->state === StoreFileState::Taking ? 'Being taken in' : 'Being looked through' }}</b>, {{ number_format($file->done()) }} rows so far</p>
  <form hx-post="{{ $at('off') }}" hx-trigger="submit"><button class="act">Call it off</button></form>
</div>
@else
@if ($file->words !== '')<x-notice role="status">{{ $file->words }}</x-notice>@endif
@if ($file->state === StoreFileState::Taken)
<p role="status">It is in. One undo puts all of it back.</p>
@elseif ($outlook !== null)
<div class="flex flex-wrap items-center gap-3">
  @if ($outlook->writes() > 0)<form hx-post="{{ $at('take') }}"><button class="publish">Take in {{ number_format($outlook->writes()) }} {{ $outlook->writes() === 1 ? 'row' : 'rows' }} as one
    edit</button></form>@else<p>There is nothing in it to take in.</p>@endif
  <span class="text-ink-2">nothing is written before</span>
</div>
@endif
<x-tool id="t-shape" title="How it is read">
  <form class="grid grid-cols-2 gap-x-2" hx-post="{{ $at('shape') }}" hx-trigger="change">
    <label class="grid gap-0.5"><span class="text-small text-ink-2">letters</span><select class="entry" name="encoding">@foreach (FileShape::ENCODINGS as $key => $words)<option value="{{ $key }}"
      @selected($key === $file->encoding)>{{ $words }}</option>@endforeach</select></label>
    <label class="grid gap-0.5"><span class="text-small text-ink-2">cells are set apart by</span><select class="entry" name="delimiter">@foreach (FileShape::DELIMITERS as $key => $words)<option
      @selected($key === $file->delimiter)>{{ $words }}</option>@endforeach</select></label>
  </form>
</x-tool>
<x-tool id="t-columns" title="Its columns" note="each is one of the store’s, or left out">
  <div class="grid gap-1">
    @foreach ($file->heads as $i => $head)
    @php($key = $file->columns['columns'][$i] ?? '')
    <form class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_52px] items-center gap-2" hx-post="{{ $at('column') }}" hx-trigger="change"><input type="hidden" name="column" value="{{ $i }}">
      <label class="truncate" for="file-column-{{ $i }}">{{ $head === '' ? 'column '.($i + 1) : $head }}</label>
      <select class="entry" id="file-column-{{ $i }}" name="key"><option value="">left out</option>@foreach ($kind->columns as $column)@continue(! $kind->isInFiles($column))<option
        value="{{ $column->key }}" @selected($column->key === $key)>{{ $column->label }}</option>@endforeach</select>
      <span class="text-mini text-ink-2">{{ ['name' => 'by name', 'values' => 'by values', 'hand' => 'by hand'][$file->columns['by'][$i] ?? ''] ?? '' }}</span>
    </form>
    @endforeach
  </div>
</x-tool>
<form class="border-t border-thread py-2" hx-post="{{ $at('drop') }}"><button class="act">{{ $file->state === StoreFileState::Taken ? 'Back to the table' : 'Put the file away' }}</button></form>
@endif
