@php($theme = $bases->theme($asked))
@php($carrying = $panel->switchTo($asked))
@php($linked = count(array_filter($carrying->stay, fn ($row) => $row['becomes'] !== null)))
@php($kept = count($carrying->stay) - $linked)
@php($waiting = count($carrying->wait))
@php($starter = $theme->starters[$asked->starter])
<x-tool id="s-taking" :title="$theme->title.': '.$starter->title" note="tried on, not kept" :data-wear="$panel->trial($theme, $starter)">
  <p>{{ $starter->words }}</p>
  <p>@if ($carrying->stay === [])None of your own changes is touched.@else<b>{{ $kept }}</b> of your own changes {{ $kept === 1 ? 'stays' : 'stay' }} as they are.@endif
    @if ($linked > 0)<b>{{ $linked }}</b> {{ $linked === 1 ? 'stays linked and shows' : 'stay linked and show' }} what the new theme has there.@endif
    @if ($waiting > 0)<b>{{ $waiting }}</b> {{ $waiting === 1 ? 'has' : 'have' }} no effect there; {{ $waiting === 1 ? 'it is' : 'they are' }} kept in case you come back.@endif</p>
  @if ($carrying->wait !== [])
  <h3>Without effect there</h3>
  <x-changes>@foreach ($carrying->wait as $row)<li><b>{{ $row['label'] }}</b><span>{{ $row['value'] }}: {{ $row['why'] }}</span></li>@endforeach</x-changes>
  @endif
  @if ($edits)
  <form class="go grid justify-items-start gap-2.5 py-1.5" hx-post="{{ $bench->address('base') }}"><input type="hidden" name="theme" value="{{ $asked->theme }}"><input type="hidden" name="starter"
    value="{{ $asked->starter }}">
    <p>One edit; one undo brings everything back.</p><button class="publish">Take {{ $theme->title }}, {{ $starter->title }}</button></form>
  @endif
  <p><a class="act" href="{{ $start }}" hx-get="{{ $start }}">Back to all themes</a></p>
  @if ($carrying->stay !== [])
  <details><summary>The changes that stay</summary>
    <x-changes>
      @foreach ($carrying->stay as $row)
      <li><b>{{ $row['label'] }}</b><span>{{ $row['value'] }}@if ($row['becomes'] !== null), which is {{ $row['becomes'] }} there @endif</span></li>
      @endforeach
    </x-changes></details>
  @endif
</x-tool>
