@php($departures = $panel->departures())
@if ($departures === [])
<p class="py-0.75 text-ink-2">None: every role is linked to a brand color or another role. Messages keep colors of their own on purpose, because those carry a meaning.</p>
@else
<ul class="near grid gap-1.5">
  @foreach ($departures as $row)
  <li class="grid grid-cols-[48px_1fr] items-center gap-x-2.5 gap-y-0.5"><x-swatch :colors="[$row['color'], $row['to_color']]" w="48" h="20"/>
    <span class="text-ink-2"><a class="act" href="{{ $bench->addressOfSetting($row['path']) }}">{{ $row['label'] }}</a> is {{ $row['color'] }},
      {{ round($row['difference'], 1) }} from {{ $row['to_label'] }}</span>
    @if ($edits)
    <x-edit :$bench :changes="[$row['path'] => '{'.$row['to'].'}']" :tries="true"
      class="col-start-2 justify-self-start">{{ $row['was'] ? 'Link to '.$row['to_label'].' again' : 'Link to '.$row['to_label'] }}</x-edit>
    @endif
  </li>
  @endforeach
</ul>
@if ($edits && count($departures) > 1)
@php($changes = array_combine(array_column($departures, 'path'), array_map(fn ($row) => '{'.$row['to'].'}', $departures)))
<p class="mt-2"><x-edit :$bench :changes="$changes" :tries="true">Link all {{ count($departures) }}</x-edit></p>
@endif
@endif
