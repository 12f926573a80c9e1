@php($departures = $panel->departures())
@if ($departures === [])<p class="logo-note">None: every role follows a brand color or another role. Messages keep colors of their own on purpose, because those carry a meaning.</p>
@else
<ul class="near">@foreach ($departures as $row)<li><svg viewBox="0 0 48 20" width="48" height="20" aria-hidden="true"><rect width="24" height="20" fill="{{ $row['color'] }}"/><rect x="24" width="24" height="20" fill="{{ $row['to_color'] }}"/></svg><span><a class="act" href="{{ $bench->addressOfSetting($row['path']) }}">{{ $row['label'] }}</a> is {{ $row['color'] }}, {{ round($row['difference'], 1) }} from {{ $row['to_label'] }}</span>
  @if ($edits)@php($changes = [$row['path'] => '{'.$row['to'].'}'])<button type="button" class="act" data-try="{{ $bench->trial($changes) }}" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($changes)]) }}">{{ $row['was'] ? 'Follow '.$row['to_label'].' again' : 'Follow '.$row['to_label'] }}</button>@endif</li>@endforeach</ul>
@if ($edits && count($departures) > 1)
@php($changes = array_combine(array_column($departures, 'path'), array_map(fn ($row) => '{'.$row['to'].'}', $departures)))
<p><button type="button" class="act" data-try="{{ $bench->trial($changes) }}" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($changes)]) }}">Let all {{ count($departures) }} follow</button></p>
@endif
@endif
