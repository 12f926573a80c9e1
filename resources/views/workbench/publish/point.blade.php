@php($point = $panel->point)
@php($line = $panel->heldLine())
@php($head = $bench->look->head)
@php($keepsake = $panel->keepsakes()[$point] ?? null)
@php($changes = $panel->heldChanges())
@php($when = fn (string $at): string => date('M j, g:i A', strtotime($at)))
@php($others = collect([$head])->merge($panel->keepsakes()->keys())->merge($panel->releasesHere()->pluck('sequence'))->unique()->reject(fn ($s) => $s === $point))
<x-tool id="t-point" :title="'Looking at '.$panel->nameOf($point)" :note="$line === null ? 'before the first edit' : 'edit '.$point.' of '.$head" data-points="{{ json_encode($panel->points()) }}">
  <p>@if ($line !== null)<b>{{ ucfirst($line->says()) }}</b>, {{ $line->author }}, {{ $when($line->at) }}@if ($line->isUndone), taken back since @endif
    @else The look as its theme and starter made it.@endif</p>
  @foreach (array_slice($changes, 0, 4) as $change)
  @if ($bench->catalog()->has($change->path))
  <p class="flex items-center gap-2.5 py-0.75" data-reach="{{ $change->path }}"><x-before-after :$bench :setting="$bench->setting($change->path)"
    :before="$panel->comesTo($change->path, $change->before)"
    :after="$panel->comesTo($change->path, $change->after)" w="118" h="30"/> <span class="min-w-0">{{ $bench->setting($change->path)->label }}</span></p>
  @endif
  @endforeach
  @if (count($changes) > 4)<p class="text-ink-2">and {{ count($changes) - 4 }} more in the same edit</p>@endif
  <p class="flex flex-wrap gap-x-4 gap-y-0.5 pt-1">
    @if ($bench->edits())<button type="button" class="publish" hx-post="{{ $bench->address('reopen') }}"
      hx-vals="{{ json_encode(['sequence' => $point, 'open_point' => '', 'open_other' => '']) }}">Make this
      the present</button>@endif
    <a class="act self-center" href="{{ $panel->address(['open_point' => $head, 'open_other' => $head]) }}"
      hx-get="{{ $panel->address(['open_point' => $head, 'open_other' => $head]) }}">Back to now</a></p>
  @if ($bench->edits())
  <p class="text-ink-2">One edit: all that came after it stays in the journal, and one undo brings today back.</p>
  <form class="flex items-end gap-2.5 pt-1" hx-post="{{ $bench->address('points/name') }}" hx-vals="{{ json_encode(['sequence' => $point]) }}">
    <label class="grid flex-1 gap-0.5" for="point-name">Name to find it by <input class="entry" id="point-name" name="name" value="{{ $keepsake?->name }}" maxlength="60" required></label>
    <button class="act">{{ $keepsake === null ? 'Keep with this name' : 'Rename' }}</button></form>
  @if ($keepsake !== null)<p><button type="button" class="act" hx-post="{{ $bench->address('points/name') }}" hx-vals="{{ json_encode(['sequence' => $point, 'name' => '']) }}">Take the name
    off</button></p>@endif
  @endif
  <label class="flex items-center gap-2 pt-1.5">Beside it in the window <select class="entry w-auto" name="open_other" hx-get="{{ $panel->address([]) }}" hx-trigger="change">
    @foreach ($others as $sequence)<option value="{{ $sequence }}" @selected($sequence === $panel->other)>{{ $panel->nameOf($sequence) }}</option>@endforeach
  </select></label>
  @php($group = $panel->heldGroup())
  @if ($group !== null && count($group->lines) > 1)
  <ol class="mt-1.5 grid max-h-40 overflow-y-auto border-t border-thread" tabindex="0" aria-label="Edits of that hour">
    @foreach (array_reverse($group->lines) as $each)
    <li @class(['flex gap-2.5 px-1.5 py-0.75', 'chosen' => $each->sequence === $point, 'text-ink-2' => $each->isUndone])><span
      class="w-16 flex-none text-ink-2">{{ date('g:i A', strtotime($each->at)) }}</span>
      <a class="act min-w-0" href="{{ $panel->address(['open_point' => $each->sequence]) }}" hx-get="{{ $panel->address(['open_point' => $each->sequence]) }}"
        @if ($each->sequence === $point) aria-current="true" @endif>{{ $each->says() }}</a>@if ($each->isUndone)<span>undone</span>@endif</li>
    @endforeach
  </ol>
  @endif
</x-tool>
