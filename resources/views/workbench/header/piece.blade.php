@use('Ikat\Core\Header\Arrangement')
@use('Ikat\Core\Setting\Setting')
{{-- Where the picked part may stand, and what would come of it. --}}
@if ($panel->piece !== '')
@php($piece = $panel->piece)
@php($trial = $panel->trial())
<x-tool id="t-piece" :title="ucfirst(Arrangement::PARTS[$piece])" :note="'on '.number_format($panel->at).' px; point at a place to try it on'" :isItem="true">
  <ul class="piece-places grid gap-0.5 text-[12px]">
    @foreach (Arrangement::PLACES as $place => $words)
    @php($isNow = $look->text(Arrangement::path($piece)) === $place)
    @php($outcome = $trial->of($piece, $place))
    @php($remedy = $isNow ? null : $trial->remedy($piece, $place))
    <li @class(['grid min-h-6.5 grid-cols-[minmax(0,140px)_50px_minmax(0,1fr)] items-baseline gap-2', 'font-semibold' => $isNow])>
      @if ($isNow || ! $edits)<span>{{ ucfirst($words) }}@if ($isNow), now @endif</span>@else<x-edit class="justify-self-start" :$bench :changes="[Arrangement::path($piece) => $place]"
        :tries="true">{{ ucfirst($words) }}</x-edit>@endif
      <b>{{ round($outcome['height']) }} px</b>
      <span class="flex flex-wrap gap-x-2 text-ink-2">@if ($outcome['fits'])fits
        @elseif ($outcome['over'] > 0){{ round($outcome['over']) }} px too little @else the menu takes {{ $outcome['lines'] }} lines @endif
        @if ($remedy !== null && $edits)<x-edit class="text-left" :$bench :changes="$remedy['outcome']['changes']"
          :tries="true">with {{ $remedy['words'] }}, {{ round($remedy['outcome']['height']) }} px</x-edit>@endif</span>
    </li>
    @endforeach
  </ul>
  <p class="pt-1 text-[12px]"><a class="act" href="{{ $panel->address(['open_piece' => '']) }}" hx-get="{{ $panel->address(['open_piece' => '']) }}">Put it down</a></p>
</x-tool>
@endif
<x-tool id="t-pieces" title="What stands in it" note="what does nothing says so">
  @php($rows = [
    'second' => ['header.menu.second', 'none', null], 'button' => ['header.button.show', false, true], 'chooser' => ['header.chooser', false, true],
  ])
  <ul class="grid gap-0.5 text-[12px]">
    @foreach ($panel->pieces() as $part)
    <li class="flex min-h-6 items-baseline gap-2"><a class="act" href="{{ $panel->address(['open_piece' => $part]) }}"
      hx-get="{{ $panel->address(['open_piece' => $part]) }}">{{ ucfirst(Arrangement::PARTS[$part]) }}</a>
      <span
        class="min-w-0 flex-1 text-ink-2">{{ Arrangement::PLACES[$look->text(Arrangement::path($part))] ?? 'folded away' }}@if ($part === 'chooser'
        && $panel->store()->countries < 2 && $panel->languages() === []); the store sells to one country in one language, so nothing is shown @endif</span>
      @if (isset($rows[$part]) && $edits)<x-edit :$bench :path="$rows[$part][0]" :value="$rows[$part][1] === false ? 'off' : $rows[$part][1]"
        aria-label="Take out: {{ Arrangement::PARTS[$part] }}">take out</x-edit>@endif</li>
    @endforeach
    @foreach (array_diff_key($rows, array_flip($panel->pieces())) as $part => [$path, $off, $on])
    @if ($edits && $on !== null)<li class="flex min-h-6 items-baseline gap-2"><span
      class="min-w-0 flex-1 text-ink-2">{{ ucfirst(Arrangement::PARTS[$part]) }}: not there</span><x-edit :$bench :$path value="on"
      aria-label="Put in: {{ Arrangement::PARTS[$part] }}">put in</x-edit></li>@endif
    @endforeach
  </ul>
</x-tool>
