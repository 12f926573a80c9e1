@use('App\Storefront\SamplePages')
@php($last = $bench->lastEdit())
@php($inPlaces = function (array $places): string {
    $count = array_sum(array_map(count(...), $places));
    return $count.($count === 1 ? ' place on ' : ' places on ').count($places).(count($places) === 1 ? ' page' : ' pages');
})
@if ($last === null)
<p class="truncate"><b>Reach</b> Point at a control to see where it shows.</p>
@else
@php($entry = $last->entry())
@php($reach = $bench->lastReach())
@php($places = $reach->places ?? [])
@php($gone = $places === [] ? $reach->gone ?? [] : [])
@php($why = $reach?->why)
@php($latent = array_sum(array_map('count', $reach->latent ?? [])))
<p class="truncate"><b>{{ ['edit' => 'Last edit', 'undo' => 'Undone', 'redo' => 'Redone'][$entry->kind->value] }}</b>
  <span class="text-ink-2">{{ $entry->label }}{{ $last->author === $bench->user->name ? '' : ', by '.$last->author }}</span>
  @if ($why !== null)Nothing visible changed: {{ $why }}.@endif</p>
@if ($places !== [] || $gone !== [])
<details name="tape" class="min-w-0"><summary class="{{ $sum }}"><span class="min-w-0 truncate"><b>{{ $gone === [] ? $inPlaces($places) : 'gone from '.$inPlaces($gone) }}</b>{{ match (true) {
  $reach->when === '' => '', $gone === [] => " $reach->when", default => ", seen $reach->when",
} }}@if ($latent > 0) and {{ $latent }} more when opened, pointed at or focused @endif</span> <x-icon name="chevron-up"/></summary>
  <ul class="{{ $over }} grid gap-0.5" aria-label="Where it shows">@foreach ($places === [] ? $gone : $places as $page => $elements)<li><button type="button" class="act font-normal"
    data-visit="{{ $page }}"
    data-element="{{ $gone === [] ? $elements[0] ?? '' : '' }}">{{ SamplePages::labels()[$page] }} {{ count($elements) }}</button></li>@endforeach</ul></details>
@endif
@endif
