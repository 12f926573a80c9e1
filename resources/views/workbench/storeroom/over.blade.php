{{-- The Storeroom over the bench of another step: the table that is needed there, and one record of it. --}}
@isset($tells)<script type="application/json" data-tells>{!! json_encode($tells, JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE) !!}</script>@endisset
@php($kind = $panel->kind)
@php($row = $panel->open())
@php($edits = $bench->edits())
@php($id = $panel->openId())
@php($state = ['over' => '1', ...$panel->state(), 'open_kind' => $kind->key])
@php($at = fn (array $more): string => $bench->address('storeroom/over').'?'.http_build_query(array_filter([...$state, ...$more], fn ($s) => $s !== '')))
<div class="grid content-start gap-2" data-record-place data-target="#over-content" hx-target="#over-content" hx-swap="morph:innerHTML" hx-vals="{{ json_encode($state) }}">
  <div class="flex items-baseline gap-3 border-b border-ink-1 pb-1"><h1 class="font-title text-title font-semibold" id="over-title" tabindex="-1">{{ ucfirst($kind->many) }}</h1>
    <span class="text-ink-2">{{ $panel->found() }}, in the Storeroom</span>
    <a class="act ml-auto" href="{{ $panel->addressAt($panel->asked, $id) }}">See all of it</a> <button type="button" class="act" data-close-over>Close</button></div>
  <input class="entry" type="search" name="open_q" id="over-q" value="{{ $panel->asked->words }}" placeholder="Find in {{ $kind->many }}" aria-label="Find in {{ $kind->many }}" autocomplete="off"
    hx-get="{{ $at(['open_q' => '', 'open_record' => '']) }}" hx-trigger="input changed delay:200ms, search" hx-sync="this:replace">
  <ul class="grid max-h-44 overflow-y-auto border-b border-thread" aria-label="{{ ucfirst($kind->many) }} found">
    @foreach ($panel->rows() as $each => $values)
    <li><a @class(['block truncate px-1.5 py-1', 'chosen font-semibold' => $each === $id]) href="{{ $panel->addressAt($panel->asked, $each) }}" hx-get="{{ $at(['open_record' => (string) $each]) }}"
      @if ($each === $id) aria-current="true" @endif>{{ $panel->called($values) }}@if ($kind->key === 'entries') <span
      class="font-normal text-ink-2">{{ $panel->written($kind->column('target'), $values) }}</span>@endif</a></li>
    @endforeach
    @if ($panel->rows() === [])<li class="px-1.5 py-1 text-ink-2">None is so. Make it below.</li>@endif
  </ul>
  @php(['undo' => $undo, 'redo' => $redo] = $panel->backAndForth())
  @if ($edits && ($undo !== null || $redo !== null))
  <div class="flex gap-4">@foreach (['undo' => $undo, 'redo' => $redo] as $way => $line)@if ($line !== null)<form class="min-w-0" hx-post="{{ $bench->address("storeroom/$way") }}"><button
    class="act block max-w-full truncate" title="{{ $line['words'] }}">{{ ucfirst($way) }} {{ $line['label'] }}</button></form>@endif @endforeach</div>
  @endif
  @if ($row !== null)<h2 class="font-title text-title font-semibold">{{ $panel->called($row) }}</h2>@include('workbench.storeroom.record')@endif
  @include('workbench.storeroom.new')
</div>
