@php($title = $bench->inspection()->theme->title)
<x-tool id="s-upgrade" :title="$title.' '.$merge->base->version.' is here'" :note="'you have '.$base->version">
  <p>{{ count($merge->kept) }} of your own changes stay untouched; {{ count($merge->moved) }} settings you never changed move with the theme.
    <a class="act" href="#s-upgrade" data-try="{{ $bench->trial([...$merge->base->values(), ...$merge->changes([])]) }}">Point here to try it on</a></p>
  <form hx-post="{{ $bench->address('upgrade') }}">
    @foreach ($merge->questions as $question)
    <fieldset class="mb-1.5 flex flex-wrap gap-x-4.5 gap-y-0.5 border-b border-thread pt-1.5 pb-2">
      <legend>{{ $question['label'] }} <small class="text-[12px] text-ink-2">both changed it; it was {{ $question['before'] }}</small></legend>
      <label class="flex min-h-6 items-center gap-1.5"><input type="radio" name="decide[{{ $question['path'] }}]" value="mine" checked> yours: <b>{{ $question['mine'] }}</b></label>
      <label class="flex min-h-6 items-center gap-1.5"><input type="radio" name="decide[{{ $question['path'] }}]" value="theirs"> the theme’s: <b>{{ $question['theirs'] }}</b></label>
    </fieldset>
    @endforeach
    <x-changes>
      @foreach ($merge->carried as $row)<li><b>{{ $row['label'] }}</b><span>has a new name; your {{ $row['value'] }} goes with it</span></li>@endforeach
      @foreach ($merge->retyped as $row)<li><b>{{ $row['label'] }}</b><span>your {{ $row['was'] }} <x-becomes/> {{ $row['becomes'] }}</span></li>@endforeach
      @foreach ($merge->loosened as $row)<li><b>{{ $row['label'] }}</b><span>was linked to “{{ $row['was'] }}”, which is gone; it keeps {{ $row['value'] }} as its own</span></li>@endforeach
      @foreach ($merge->shifted as $row)<li><b>{{ $row['label'] }}</b><span>{{ $row['was'] }} <x-becomes/> {{ $row['becomes'] }}. {{ $row['why'] }}</span></li>@endforeach
      @foreach ($merge->removed as $row)<li><b>{{ $row['label'] }}</b><span>your {{ $row['value'] }} has no effect any more, and is kept. {{ $row['why'] }}</span></li>@endforeach
    </x-changes>
    @if ($merge->moved !== [])
    <details><summary>What moves with the theme</summary>
      <x-changes>@foreach ($merge->moved as $row)<li><b>{{ $row['label'] }}</b><span>{{ $row['from'] }} <x-becomes/> {{ $row['to'] }}</span></li>@endforeach</x-changes></details>
    @endif
    @if ($edits)<p><button class="publish">Move to {{ $merge->base->version }}</button> One edit; one undo goes back.</p>@endif
  </form>
</x-tool>
