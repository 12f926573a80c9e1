@use('Ikat\Core\Check\Severity')
@php($changes = $panel->changes()->lines)
@php($counts = $bench->counts())
@php($live = $bench->live())
@php($publishes = $bench->user->role->publishes())
@php($count = count($changes).(count($changes) === 1 ? ' change' : ' changes'))
<x-heading title="Publish">{{ $changes === [] ? 'nothing to publish' : $count }}, release {{ $live?->number ?? 'none' }} is live</x-heading>
@if ($panel->holds())@include('workbench.publish.point')@endif
<x-tool id="t-way" title="First these" :note="$counts['stop'] === 0 ? 'nothing stops the publish' : $counts['stop'].($counts['stop'] === 1 ? ' stops' : ' stop').' the publish'">
  @if (array_sum($counts) === 0)<p>Every pair of colors in use is readable, and every link leads somewhere.</p>@endif
  <ul class="way grid gap-1.5">
    @foreach ($bench->findings() as $f)
    @if ($f->severity() !== Severity::Know)<li><x-diamond :severity="$f->severity()"/> <a class="act"
      href="{{ $bench->addressOf($f) }}" data-open>{{ $f->inWords($bench->inspection()) }}</a> {{ $f->measured() }}</li>@endif
    @endforeach
  </ul>
</x-tool>
@if ($publishes)
<form class="go grid justify-items-start gap-2.5 py-1.5" hx-post="{{ $bench->address('publish') }}" hx-disabled-elt="find button">
  @if ($counts['stop'] > 0)
  <x-line-field class="w-full" label="Why should it go out all the same? The reason is kept with the release."><textarea class="entry" id="reason" name="reason" rows="2" maxlength="500"
    required></textarea></x-line-field>
  @endif
  <button class="publish" @disabled($changes === [])>{{ $changes === [] ? 'Publish' : "Publish $count" }}{{ $counts['stop'] > 0 ? ' all the same' : '' }}</button>
  <a class="act" href="/shop/{{ $bench->look->storefront->slug }}/" target="_blank" rel="noopener">Open the public shop</a>
</form>
@else
<x-notice>{{ $bench->user->role->value === 'designer' ? 'You can prepare everything here; an owner publishes it.' : 'You can look at everything here; an owner publishes it.' }}</x-notice>
@endif
<x-tool id="t-change" title="What changes" note="live now, and after">
  @if ($changes === [])
  <p>The live shop already looks like this.</p>
  @else
  <ol class="changes grid">@foreach ($changes as $change)@include('workbench.publish.change')@endforeach</ol>
  @endif
</x-tool>
@if ($panel->keepsakes()->isNotEmpty())
<x-tool id="t-points" title="Named points" note="click to look at one">
  <ul class="grid gap-0.75">
    @foreach ($panel->keepsakes() as $keepsake)
    @php($to = $panel->address(['open_point' => $keepsake->sequence]))
    <li @class(['flex gap-2.5 px-1.5 py-0.75', 'chosen' => $keepsake->sequence === $panel->point])><a class="act" href="{{ $to }}" hx-get="{{ $to }}" @if ($keepsake->sequence === $panel->point)
      aria-current="true" @endif>{{ $keepsake->name }}</a> <span class="ml-auto text-ink-2">edit {{ $keepsake->sequence }}, {{ $keepsake->author }}</span></li>
    @endforeach
  </ul>
</x-tool>
@endif
<x-tool id="t-releases" title="Releases" note="making one live again leaves your edits here">
  <ol class="releases grid gap-1.5">
    @foreach ($panel->releases() as $release)
    @php($isLive = $release->id === $live?->id)
    <li @class(['grid grid-cols-[26px_1fr_auto] items-start gap-2 px-1.5 py-1.25', 'is-live chosen' => $isLive])><b>{{ $release->number }}</b>
      <span>{{ $bench->localTime($release->created_at)->format('M j, g:i A') }} by {{ $release->author }}
        @if ($release->look_id === $bench->look->id)<br><a class="act" href="{{ $panel->address(['open_point' => $release->sequence]) }}"
          hx-get="{{ $panel->address(['open_point' => $release->sequence]) }}">look at <span class="sr-only">release {{ $release->number }}</span></a>@endif
        @if ($release->reason)<br>in spite of {{ $release->findings['stop'] }}: “{{ $release->reason }}”@endif</span>
      @if ($isLive)<strong>live</strong>
      @elseif ($publishes)<button type="button" class="act" hx-post="{{ $bench->address("releases/$release->id/live") }}">Make <span
        class="sr-only">release {{ $release->number }} </span>live again</button>@endif</li>
    @endforeach
  </ol>
</x-tool>
