@php($findings = $panel->findings())
@php($here = $panel->counts())
@php($over = 'absolute bottom-7.5 left-0 z-25 max-h-[50vh] w-[min(520px,92vw)] overflow-y-auto border border-ink-1 bg-paper px-4 py-2.5 whitespace-normal')
@php($sum = 'flex h-7 list-none items-center gap-1.5 cursor-pointer [&::-webkit-details-marker]:hidden')
<section class="tape flex h-7.5 min-w-0 border-t border-thread-2 bg-paper-3 text-small whitespace-nowrap [grid-area:tape]" id="tape" aria-label="Tape" @isset($oob) hx-swap-oob="morph" @endisset>
  <div class="relative flex flex-none items-center border-r border-thread-2 pr-4 pl-6.25">
    @if ($findings === [])<p><b>{{ $panel->findingsTitle() }}</b> none</p>
    @else
    <details name="tape"><summary class="{{ $sum }}"><b>{{ $panel->findingsTitle() }}</b> @foreach ($here as $severity => $count)@if ($count > 0)<x-diamond
      :severity="$severity"/> {{ $count }} @endif @endforeach
      @if ($panel->findingsNote() !== '')<span class="findings-note text-ink-2">{{ $panel->findingsNote() }}</span>@endif <x-icon name="chevron-up"/></summary>
      <div class="{{ $over }}"><x-findings :$bench :$findings/></div></details>
    @endif
  </div>
  <div class="relative flex min-w-0 flex-1 items-center gap-2 px-4" id="tape-reach">
    @include($panel->lastEditView(), ['over' => $over, 'sum' => $sum])
  </div>
  <div class="tape-who flex flex-none items-center border-l border-thread-2 px-4 text-ink-2 max-[1199px]:hidden!" hx-get="{{ $bench->address('pulse') }}" hx-include="#state" hx-target="this"
    hx-trigger="every 12s" hx-swap="innerHTML">
    <p><a class="act font-normal" href="{{ $bench->address('publish') }}" data-open>{{ $bench->look->head }} {{ $bench->look->head === 1 ? 'edit' : 'edits' }} in the journal</a></p>
  </div>
</section>
