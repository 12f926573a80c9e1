@use('App\Storefront\SamplePages')
@php($here = $panel->counts())
@php($firstOf = fn (string $severity) => array_values(array_filter($panel->findings(), fn ($f) => $f->severity()->value === $severity))[0])
@php($last = $bench->lastEdit())
@php($inPlaces = function (array $places): string {
    $count = array_sum(array_map(count(...), $places));
    return $count.($count === 1 ? ' place on ' : ' places on ').count($places).(count($places) === 1 ? ' page' : ' pages');
})
<section class="tape grid grid-cols-[auto_minmax(0,1fr)_auto] border-t border-edge bg-paper-3 text-small whitespace-nowrap [grid-area:tape] *:grid *:min-w-0 *:content-center *:px-4" id="tape"
  aria-label="Tape"
  @isset($oob) hx-swap-oob="morph" @endisset>
  <div class="pl-6.25!">
    <p class="truncate"><b>{{ $panel->findingsTitle() }}</b></p>
    <p class="truncate">@if (array_sum($here) === 0)none @else @foreach ($here as $severity => $count)@if ($count > 0)<a
      class="mr-2 inline-flex min-h-4 items-center gap-1 underline underline-offset-3" href="{{ $bench->addressOf($firstOf($severity)) }}"
      aria-label="{{ $count }} {{ $count === 1 ? 'finding' : 'findings' }}: open the first"><x-diamond :severity="$severity"/> {{ $count }}</a> @endif @endforeach @endif
      @if ($panel->findingsNote() !== '')<span class="findings-note text-ink-2">{{ $panel->findingsNote() }}</span>@endif</p>
  </div>
  <div class="border-l border-thread-2" id="tape-reach">
    @if ($last === null)
    <p class="truncate"><b>Reach</b></p><p class="truncate">Point at a control to see where it shows.</p>
    @else
    @php($entry = $last->entry())
    @php($reach = $bench->lastReach())
    @php($places = $reach->places ?? [])
    @php($why = $reach?->why)
    @php($latent = array_sum(array_map('count', $reach->latent ?? [])))
    <p class="truncate"><b>{{ ['edit' => 'Last edit', 'undo' => 'Undone', 'redo' => 'Redone'][$entry->kind->value] }}</b>
      <span class="mr-2 text-ink-2">{{ $entry->label }}{{ $last->author === $bench->user->name ? '' : ', by '.$last->author }}</span>
      @if ($places !== [])<b>{{ $inPlaces($places) }}</b>{{ $reach->when === '' ? '' : " $reach->when" }}@if ($latent > 0) and {{ $latent }} more when opened, pointed at or focused @endif
      @elseif (($reach->gone ?? []) !== [])<b>gone from {{ $inPlaces($reach->gone) }}</b>{{ $reach->when === '' ? '' : ", seen $reach->when" }}@endif</p>
    @if ($why !== null)<p class="truncate">Nothing visible changed: {{ $why }}.</p>
    @else<p class="truncate">@foreach ($places === [] ? $reach->gone ?? [] : $places as $page => $elements)<button type="button"
      class="mr-2 cursor-pointer text-ink-2 underline decoration-thread-2 underline-offset-3" data-visit="{{ $page }}"
      data-element="{{ $places === [] ? '' : $elements[0] ?? '' }}">{{ SamplePages::labels()[$page] }} {{ count($elements) }}</button> @endforeach</p>@endif
    @endif
  </div>
  <div class="tape-who border-l border-thread-2 text-ink-2 max-[1199px]:hidden!" hx-get="{{ $bench->address('pulse') }}" hx-include="#state" hx-target="this" hx-trigger="every 12s"
    hx-swap="innerHTML">
    <p class="truncate">{{ $bench->look->head }} {{ $bench->look->head === 1 ? 'edit' : 'edits' }} in the journal</p>
  </div>
</section>
