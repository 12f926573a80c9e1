@php($count = $panel->lookCount())
<x-tool id="s-looks" :title="'Looks of '.$look->storefront->name" note="one is worked on at a time">
  @if ($count > count($panel->looks()))
  <form class="flex gap-2.5 pt-1" hx-get="{{ $start }}" hx-trigger="submit"><label for="looks-asked">{{ $count }} looks; the latest are listed. Find one by its name</label>
    <input class="entry" type="search" id="looks-asked" name="looks" value="{{ $panel->asked('looks') }}"><button class="act">Find</button></form>
  @endif
  <ul class="item-list mt-0.75 grid grid-cols-1 border-t border-thread">
    @foreach ($panel->looks() as $one)
    @php($isAway = $one->put_away_at !== null)
    <x-row :isOpen="$one->id === $look->id" :isOff="$isAway">
      <span class="item-name min-w-0 flex-1 truncate py-1.5"><a class="act" href="/workbench/looks/{{ $one->id }}/start" @if ($one->id === $look->id) aria-current="true" @endif>{{ $one->name }}</a>
        <span class="text-ink-2">{{ $isAway ? 'put away' : ($one->id === $look->id ? 'open' : '') }}</span></span>
      @if ($edits && $isAway)
      <x-slot:tools><button type="button" class="act" hx-post="/workbench/looks/{{ $one->id }}/back" aria-label="Bring {{ $one->name }} back">Bring back</button></x-slot:tools>
      @endif
    </x-row>
    @endforeach
  </ul>
  @if ($edits)
  <form class="flex items-center gap-2.5 pt-2 pb-1" hx-post="{{ $bench->address('name') }}"><label class="flex-none" for="look-name">Name of this look</label>
    <input class="entry" id="look-name" name="name" value="{{ $look->name }}" maxlength="60" required><button class="act">Rename</button></form>
  <p class="flex flex-wrap gap-x-4 gap-y-0.5"><button type="button" class="act" hx-post="{{ $bench->address('copy') }}">Duplicate this look</button>
    @if ($look->put_away_at === null)<button type="button" class="act" hx-post="{{ $bench->address('away') }}">Put this look away</button>@endif</p>
  <p class="py-0.75 text-ink-2">Take your changes back, in one edit that one undo brings back:</p>
  <p class="flex flex-wrap gap-x-4 gap-y-0.5"><button type="button" class="act" hx-post="{{ $bench->address('original') }}" hx-vals='{"only":"style"}'>Colors and shapes alone</button>
    <button type="button" class="act" hx-post="{{ $bench->address('original') }}">All of them, words and pictures too</button></p>
  @endif
</x-tool>
