@php($theme = $bases->theme($asked))
@php($carrying = $panel->switchTo($asked))
@php($linked = count(array_filter($carrying->stay, fn ($row) => $row['becomes'] !== null)))
@php($starter = $theme->starters[$asked->starter])
<section class="tool" aria-labelledby="s-taking" data-wear="{{ $panel->trial($theme, $starter) }}"><h2 id="s-taking">{{ $theme->title }}: {{ $starter->title }} <small>tried on, not kept</small></h2>
  <p>{{ $starter->words }}</p>
  <p>@if ($carrying->stay === [])None of your own changes is touched.@else<b>{{ count($carrying->stay) - $linked }}</b> of your own changes {{ count($carrying->stay) - $linked === 1 ? 'stays' : 'stay' }} as they are.@endif @if ($linked > 0)<b>{{ $linked }}</b> {{ $linked === 1 ? 'stays linked and shows' : 'stay linked and show' }} what the new theme has there.@endif @if ($carrying->wait !== [])<b>{{ count($carrying->wait) }}</b> {{ count($carrying->wait) === 1 ? 'has' : 'have' }} no effect there; {{ count($carrying->wait) === 1 ? 'it is' : 'they are' }} kept in case you come back.@endif</p>
  @if ($carrying->wait !== [])
  <h3>Without effect there</h3>
  <ul class="changes">@foreach ($carrying->wait as $row)<li><b>{{ $row['label'] }}</b><span>{{ $row['value'] }}: {{ $row['why'] }}</span></li>@endforeach</ul>
  @endif
  @if ($edits)
  <form class="go" hx-post="{{ $bench->address('base') }}"><input type="hidden" name="theme" value="{{ $asked->theme }}"><input type="hidden" name="starter" value="{{ $asked->starter }}"><p>One edit; one undo brings everything back.</p><button class="publish">Take {{ $theme->title }}, {{ $starter->title }}</button></form>
  @endif
  <p><a class="act" href="{{ $start }}" hx-get="{{ $start }}">Back to all themes</a></p>
  @if ($carrying->stay !== [])
  <details><summary>The changes that stay</summary><ul class="changes">@foreach ($carrying->stay as $row)<li><b>{{ $row['label'] }}</b><span>{{ $row['value'] }}@if ($row['becomes'] !== null), which is {{ $row['becomes'] }} there @endif</span></li>@endforeach</ul></details>
  @endif
</section>
