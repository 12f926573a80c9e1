@php($here = $panel->counts())
@php($last = $bench->lastEdit())
<section class="tape" id="tape" aria-label="Tape" @isset($oob) hx-swap-oob="morph" @endisset>
  <div>
    <p><b>{{ $panel->findingsTitle() }}</b></p>
    <p>@if (array_sum($here) === 0)none @else @foreach ($here as $severity => $count)@if ($count > 0)<span><x-diamond :severity="$severity"/> {{ $count }}</span> @endif @endforeach @endif @if ($panel->findingsNote() !== '')<span class="soft-words">{{ $panel->findingsNote() }}</span>@endif</p>
  </div>
  <div class="tape-reach" id="tape-reach">
    @if ($last === null)
    <p><b>Reach</b></p><p>Point at a control to see where it shows.</p>
    @else
    @php($entry = $last->entry())
    @php($told = fn (array $places): string => array_sum(array_map(count(...), $places)).(array_sum(array_map(count(...), $places)) === 1 ? ' place on ' : ' places on ').count($places).(count($places) === 1 ? ' page' : ' pages'))
    @php($reach = $bench->lastReach())
    @php($places = $reach->places ?? [])
    @php($why = $reach?->why)
    @php($latent = array_sum(array_map('count', $reach->latent ?? [])))
    <p><b>{{ ['edit' => 'Last edit', 'undo' => 'Undone', 'redo' => 'Redone'][$entry->kind->value] }}</b> <span>{{ $entry->label }}{{ $last->author === $bench->user->name ? '' : ', by '.$last->author }}</span>
      @if ($places !== [])<b>{{ $told($places) }}</b>{{ $reach->when === '' ? '' : " $reach->when" }}@if ($latent > 0) and {{ $latent }} more when opened, pointed at or focused @endif
      @elseif (($reach->gone ?? []) !== [])<b>gone from {{ $told($reach->gone) }}</b>{{ $reach->when === '' ? '' : ", seen $reach->when" }}@endif</p>
    @if ($why !== null)<p>Nothing visible changed: {{ $why }}.</p>
    @else<p class="page-counts">@foreach ($places === [] ? $reach->gone ?? [] : $places as $page => $elements)<span>{{ App\Storefront\SamplePages::labels()[$page] }} {{ count($elements) }}</span> @endforeach</p>@endif
    @endif
  </div>
  <div class="tape-who" hx-get="{{ $bench->address('pulse') }}" hx-include="#state" hx-target="this" hx-trigger="every 12s" hx-swap="innerHTML">
    <p>{{ $bench->look->head }} {{ $bench->look->head === 1 ? 'edit' : 'edits' }} in the journal</p>
  </div>
</section>
