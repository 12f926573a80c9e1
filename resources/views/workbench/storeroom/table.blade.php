@use('Ikat\Core\Store\Cell\DocumentCell')
@use('Ikat\Core\Store\Cell\PicturesCell')
@php($kind = $panel->kind)
@php($asked = $panel->asked)
@php($edits = $bench->edits())
@php($columns = $kind->onTable())
@php($rows = $panel->rows())
@php($count = $panel->count())
@php($pages = $panel->pages())
@php($first = ($asked->page - 1) * App\Storeroom\RecordLister::PAGE)
@php($open = $panel->openId())
@php($isNumber = fn ($column) => $kind->isNumber($column->key))
<div class="storeroom flex h-full min-h-64 flex-col" data-storeroom data-kind="{{ $kind->key }}" data-url="{{ $bench->address('storeroom') }}" data-count="{{ $count }}">
  <nav class="flex flex-wrap" aria-label="Tables">
    @foreach ($panel->kinds as $each)
    <a @class(['part-tab min-h-6 px-1.25 py-0.75 underline-offset-3 hover:underline', 'bg-blue-wash font-semibold shadow-[inset_0_-2px_var(--color-blue)]' => $each === $kind])
      href="{{ $panel->addressAt(new Ikat\Core\Store\RecordQuestion(), null, $each->key) }}" hx-get="{{ $panel->addressAt(new Ikat\Core\Store\RecordQuestion(), null, $each->key) }}"
      @if ($each === $kind) aria-current="true" @endif>{{ ucfirst($each->key) }}@if ($panel->count($each) > 0) <span
        class="text-ink-2">{{ number_format($panel->count($each)) }}</span>@endif</a>
    @endforeach
  </nav>
  <div class="flex min-h-9 flex-wrap items-center gap-x-2.5 gap-y-1 py-1">
    <input class="entry w-44! flex-none" type="search" name="open_q" id="storeroom-q" value="{{ $asked->words }}" placeholder="Find in {{ $kind->many }}" aria-label="Find in {{ $kind->many }}"
      autocomplete="off" hx-get="{{ $panel->addressAt(new Ikat\Core\Store\RecordQuestion('', $asked->ranges, $asked->only, $asked->sort, $asked->isDown)) }}"
        hx-trigger="input changed delay:200ms, search"
      hx-sync="this:replace">
    @foreach ($panel->groups() as $key => $names)
    <select class="entry w-auto! flex-none" name="open_only" aria-label="Only of one {{ $kind->column($key)->label }}" hx-get="{{ $panel->addressAt($asked->with(null)) }}" hx-trigger="change">
      <option value="">every {{ $kind->column($key)->label }}</option>@foreach ($names as $name)<option
        value="{{ $key.':'.$name }}" @selected($asked->only === [$key, $name])>{{ $name }}</option>@endforeach
    </select>
    @endforeach
    @foreach ($asked->ranges as $key => [$least, $most])
    @php($column = $kind->column($key))
    @php($ends = $column->type->write($least, $panel->names).' to '.$column->type->write($most, $panel->names))
    <a class="chip-filter inline-flex min-h-6 items-center gap-1.5 bg-blue-wash px-2 font-semibold text-blue" href="{{ $panel->addressAt($asked->within($key, null)) }}"
      hx-get="{{ $panel->addressAt($asked->within($key, null)) }}" aria-label="Take away: {{ $column->label }} {{ $ends }}">{{ $column->label }} {{ $ends }} <span aria-hidden="true">×</span></a>
    @endforeach
    @if ($asked->only !== null)
    <a class="chip-filter inline-flex min-h-6 items-center gap-1.5 bg-blue-wash px-2 font-semibold text-blue" href="{{ $panel->addressAt($asked->with(null)) }}"
      hx-get="{{ $panel->addressAt($asked->with(null)) }}"
      aria-label="Take away: {{ $asked->only[1] }}">{{ $asked->only[1] }} <span aria-hidden="true">×</span></a>
    @endif
    <span class="ml-auto text-ink-2">@if ($count === 0)none @else rows {{ number_format($first + 1) }} to {{ number_format($first
      + count($rows)) }}@if ($pages > 1) of {{ number_format($count) }}@endif @endif</span>
    @if ($pages > 1)
    <span class="flex gap-2" role="group" aria-label="Pages of the table">
      @foreach ([['Page ↑', -1, 'The page before'], ['Page ↓', 1, 'The next page']] as [$words, $by, $told])
      @php($to = $asked->page + $by)
      @if ($to >= 1 && $to <= $pages)<a class="act" href="{{ $panel->addressAt($asked->onPage($to)) }}" hx-get="{{ $panel->addressAt($asked->onPage($to)) }}" data-page-by="{{ $by }}"
        aria-label="{{ $told }}">{{ $words }}</a>@endif
      @endforeach
    </span>
    @endif
    @if ($edits && $kind->isUploaded)<label class="act cursor-pointer has-[:focus-visible]:outline-2">Add {{ $kind->many }}<input class="sr-only" type="file" multiple
      accept="{{ $kind->key === 'pictures' ? 'image/png,image/jpeg,image/webp,image/gif,image/avif,image/svg+xml,.zip' : '.'.implode(',.', DocumentCell::KINDS) }}"
      data-bring="{{ $bench->address("storeroom/$kind->key") }}" data-what="{{ $kind->many }}"></label>@endif
    @if ($edits && $kind->isMade && ! $kind->isUploaded)<a class="act" href="#storeroom-new">New {{ $kind->one }}</a>@endif
    @if ($edits && $kind->isMade)
    @php($isPages = $kind->key === 'pages')
    <form class="relative inline-flex" hx-post="{{ $bench->address('storeroom/files') }}" hx-encoding="multipart/form-data" hx-trigger="change"><label class="act cursor-pointer
      has-[:focus-visible]:outline-2">Take in a file<input class="sr-only" type="file" name="file"
        accept=".csv,.tsv,.txt,text/csv,text/plain{{ $isPages ? ',.html,.htm,text/html' : '' }}"></label></form>
    <a class="act" href="{{ $bench->address("storeroom/out/$kind->key.csv").'?'.http_build_query(array_filter($panel->state())) }}" download>As a file</a>
    @if ($isPages)<a class="act" href="{{ $bench->address('storeroom/out/pages.html').'?'.http_build_query(array_filter($panel->state())) }}" download>As HTML</a>@endif
    @endif
  </div>
  <div class="storeroom-scroll relative min-h-0 flex-1 overflow-auto border-b border-ink-1" tabindex="-1">
  <table class="records" role="grid" aria-label="{{ ucfirst($kind->many) }}" aria-rowcount="{{ $count }}" aria-multiselectable="true" data-records
    width="{{ 34 + array_sum(array_map(fn ($c) => $c->wide, $columns)) }}">
    <colgroup><col width="34">@foreach ($columns as $column)<col width="{{ $column->wide }}">@endforeach</colgroup>
    <thead>
      <tr role="row">
        <td class="corner"></td>
        @foreach ($columns as $column)
        @php($bars = $panel->histogram($column))
        <td class="head-bars">
          @if ($bars !== null)
          @php($wide = max(1, floor(($column->wide - 10) / count($bars->counts))))
          @php($high = max(1, max($bars->counts)))
          @php($range = $asked->ranges[$column->key] ?? null)
          <svg class="bars" width="{{ $wide * count($bars->counts) }}" height="24" viewBox="0 0 {{ $wide * count($bars->counts) }} 24" role="group" data-drawing data-bars="{{ $column->key }}"
            aria-label="How the {{ $column->label }} lies; pick a bar to narrow the table">
            @foreach ($bars->counts as $i => $many)
            @php([$least, $most] = $bars->ends($i))
            @php($isIn = $range !== null && $least >= $range[0] && $most <= $range[1])
            @php($tall = $many === 0 ? 0 : max(2, round(22 * $many / $high)))
            <g @class(['bar', 'is-in' => $isIn]) role="button" tabindex="{{ $loop->first ? 0 : -1 }}" data-mark data-press-keys data-least="{{ $least }}" data-most="{{ $most }}"
              aria-pressed="{{ $isIn ? 'true' : 'false' }}"
              aria-label="{{ $column->label }} {{ $column->type->write($least, $panel->names) }} to {{ $column->type->write($most, $panel->names) }}: {{ $many }}">
              <title>{{ $column->label }} {{ $column->type->write($least, $panel->names) }} to {{ $column->type->write($most, $panel->names) }}: {{ $many }}</title>
              <rect class="bar-ground" x="{{ $i * $wide }}" y="0" width="{{ $wide }}" height="24"/><rect class="bar-cloth" x="{{ $i * $wide }}" y="{{ 24 - $tall }}" width="{{ max(1, $wide - 1) }}"
                height="{{ $tall }}"/></g>
            @endforeach
          </svg>
          @endif
        </td>
        @endforeach
      </tr>
      <tr role="row">
        <th scope="col" class="corner"><span class="sr-only">Open</span></th>
        @foreach ($columns as $column)
        @php($isSorted = $asked->sort === $column->key)
        <th scope="col" role="columnheader" @class(['is-number' => $isNumber($column)]) @if ($isSorted) aria-sort="{{ $asked->isDown ? 'descending' : 'ascending' }}" @endif><a
          href="{{ $panel->addressAt($asked->sortedBy($column->key)) }}" hx-get="{{ $panel->addressAt($asked->sortedBy($column->key)) }}">{{ $column->label }}@if ($isSorted)<span
          aria-hidden="true"> {{ $asked->isDown ? '↓' : '↑' }}</span>@endif</a></th>
        @endforeach
      </tr>
    </thead>
    <tbody>
      @foreach ($rows as $id => $row)
      @php($to = $panel->addressAt($asked, $id))
      @php($called = $panel->called($row))
      <tr role="row" id="row-{{ $kind->key }}-{{ $id }}" data-record="{{ $id }}" data-called="{{ $called }}" @class(['is-open' => $id === $open]) @if ($id === $open) aria-current="true" @endif>
        <th scope="row" class="corner"><a href="{{ $to }}" hx-get="{{ $to }}" data-open-record tabindex="-1" aria-label="{{ number_format($first
          + $loop->iteration) }}, open {{ $called }}">{{ number_format($first + $loop->iteration) }}</a></th>
        @foreach ($columns as $column)
        @php($written = $panel->written($column, $row))
        <td role="gridcell" id="cell-{{ $kind->key }}-{{ $id }}-{{ $column->key }}" tabindex="{{ $loop->parent->first && $loop->first ? 0 : -1 }}" data-column="{{ $column->key }}"
          data-typed="{{ $panel->plain($column, $row) }}"
          data-field="{{ $column->type->field() }}" @if (! $edits || $column->isComputed || $column->type instanceof PicturesCell || $column->type->field() === 'rich') aria-readonly="true" @endif
          @class(['is-number' => $isNumber($column), 'is-name' => $column->key === $kind->name, 'is-none' => $column->key === 'stock' && $row['stock'] === 0])>@include('workbench.storeroom.cell')</td>
        @endforeach
      </tr>
      @endforeach
    </tbody>
  </table>
  @if ($rows === [])<p class="p-3">
    {{ match (true) {
      $asked->words !== '' || $asked->ranges !== [] || $asked->only !== null => 'Nothing here is so. Take a filter away, or try another word.',
      $kind->key === Ikat\Core\Store\RecordKinds::WORDS_SAID => 'The shop speaks one language. Write more in the table Store, under “speaks”: its words gather here by themselves.',
      default => 'None yet. The first is made below.',
    } }}</p>@endif
  </div>
  @if ($edits)
  <div class="flex min-h-9 flex-wrap items-center gap-x-3 gap-y-1 py-1" data-selected aria-live="polite">
    <p class="text-ink-2" data-selected-none><b class="text-ink-1">Type</b> to write a cell, <b class="text-ink-1">Shift</b> and arrows to take several, <b
      class="text-ink-1">Ctrl V</b> to paste columns,
      <b class="text-ink-1">Ctrl Space</b> for all of a column</p>
    <p data-selected-told hidden><b></b> <span class="text-ink-2"></span></p>
    <form class="flex flex-wrap items-center gap-2" data-many hidden hx-post="{{ $bench->address('storeroom/many') }}">
      <input type="hidden" name="column"><input type="hidden" name="ids"><input type="hidden" name="all">
      <label class="flex items-center gap-1"><span class="sr-only">How they change</span><select class="entry w-auto! py-0!" name="way"><option value="set">set to</option><option
        value="add">add</option><option value="times">times</option><option value="round">round to</option></select></label>
      <label class="flex items-center gap-1"><span class="sr-only">By how much</span><input class="entry w-20! py-0! text-right" name="by" autocomplete="off" inputmode="decimal"></label>
      <button class="act">Change them</button>
    </form>
    <form data-many-delete hidden hx-post="{{ $bench->address('storeroom/delete') }}"><input type="hidden" name="ids"><input type="hidden" name="all"><button
      class="act">Delete these rows</button></form>
  </div>
  @endif
</div>
