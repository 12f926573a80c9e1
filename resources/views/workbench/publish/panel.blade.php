@php($changes = $panel->changes()->lines)
@php($counts = $bench->counts())
@php($live = $bench->live())
@php($publishes = $bench->user->role->publishes())
<div class="bench-head"><h1>Publish</h1><p>{{ $changes === [] ? 'nothing to publish' : count($changes).(count($changes) === 1 ? ' change' : ' changes') }}, release {{ $live?->number ?? 'none' }} is live</p></div>
<section class="tool" aria-labelledby="t-way"><h2 id="t-way">First these <small>{{ $counts['stop'] === 0 ? 'nothing stops the publish' : $counts['stop'].($counts['stop'] === 1 ? ' stops' : ' stop').' the publish' }}</small></h2>
  @if (array_sum($counts) === 0)<p>Every pair of colors in use is readable, and every link leads somewhere.</p>@endif
  <ul class="way">@foreach ($bench->findings() as $f)@if ($f->severity() !== Ikat\Core\Check\Severity::Know)<li><x-diamond :severity="$f->severity()"/> <a class="act" href="{{ $bench->addressOf($f) }}">{{ $f->inWords($bench->inspection()) }}</a> {{ $f->measured() }}</li>@endif @endforeach</ul>
</section>
@if ($publishes)
<form class="go" hx-post="{{ $bench->address('publish') }}" hx-disabled-elt="find button">
  @if ($counts['stop'] > 0)<label class="line-field" for="reason">Why should it go out all the same? The reason is kept with the release.<textarea class="entry" id="reason" name="reason" rows="2" maxlength="500" required></textarea></label>@endif
  <button class="publish" @disabled($changes === [])>{{ $changes === [] ? 'Publish' : 'Publish '.count($changes).(count($changes) === 1 ? ' change' : ' changes') }}{{ $counts['stop'] > 0 ? ' all the same' : '' }}</button>
  <a class="act" href="/shop/{{ $bench->look->storefront->slug }}/" target="_blank" rel="noopener">Open the public shop</a>
</form>
@else
<p class="notice">{{ $bench->user->role->value === 'designer' ? 'You can prepare everything here; an owner publishes it.' : 'You can look at everything here; an owner publishes it.' }}</p>
@endif
<section class="tool" aria-labelledby="t-change"><h2 id="t-change">What changes <small>live now, and after</small></h2>
  @if ($changes === [])
  <p>The live shop already looks like this.</p>
  @else
  <ol class="changes">@foreach ($changes as $change)@include('workbench.publish.change')@endforeach</ol>
  @endif
</section>
<section class="tool" aria-labelledby="t-releases"><h2 id="t-releases">Releases <small>making one live again leaves your edits here</small></h2>
  <ol class="releases">@foreach ($panel->releases() as $release)
    <li @class(['is-live' => $release->id === $live?->id])><b>{{ $release->number }}</b><span>{{ $bench->localTime($release->created_at)->format('M j, g:i A') }} by {{ $release->author }}@if ($release->reason)<br>in spite of {{ $release->findings['stop'] }}: “{{ $release->reason }}”@endif</span>
    @if ($release->id === $live?->id)<strong>live</strong>@elseif ($publishes)<button type="button" class="act" hx-post="{{ $bench->address("releases/$release->id/live") }}">Make <span class="hidden-words">release {{ $release->number }} </span>live again</button>@endif</li>
  @endforeach</ol>
</section>
