<section class="tool" aria-labelledby="s-upgrade"><h2 id="s-upgrade">{{ $bench->inspection()->theme->title }} {{ $merge->base->version }} is here <small>you have {{ $base->version }}</small></h2>
  <p>{{ count($merge->kept) }} of your own changes stay untouched; {{ count($merge->moved) }} settings you never changed move with the theme. <a class="act" href="#s-upgrade" data-try="{{ $bench->trial([...$merge->base->values(), ...$merge->changes([])]) }}">Point here to try it on</a></p>
  <form hx-post="{{ $bench->address('upgrade') }}">
    @foreach ($merge->questions as $i => $question)
    <fieldset class="merge-question"><legend>{{ $question['label'] }} <small>both changed it; it was {{ $question['before'] }}</small></legend>
      <label><input type="radio" name="decide[{{ $question['path'] }}]" value="mine" checked> yours: <b>{{ $question['mine'] }}</b></label>
      <label><input type="radio" name="decide[{{ $question['path'] }}]" value="theirs"> the theme’s: <b>{{ $question['theirs'] }}</b></label>
    </fieldset>
    @endforeach
    <ul class="changes">
      @foreach ($merge->carried as $row)<li><b>{{ $row['label'] }}</b><span>has a new name; your {{ $row['value'] }} goes with it</span></li>@endforeach
      @foreach ($merge->retyped as $row)<li><b>{{ $row['label'] }}</b><span>your {{ $row['was'] }} <x-icon name="arrow-right"/><span class="hidden-words">becomes</span> {{ $row['becomes'] }}</span></li>@endforeach
      @foreach ($merge->loosened as $row)<li><b>{{ $row['label'] }}</b><span>was linked to “{{ $row['was'] }}”, which is gone; it keeps {{ $row['value'] }} as its own</span></li>@endforeach
      @foreach ($merge->shifted as $row)<li><b>{{ $row['label'] }}</b><span>{{ $row['was'] }} <x-icon name="arrow-right"/><span class="hidden-words">becomes</span> {{ $row['becomes'] }}. {{ $row['why'] }}</span></li>@endforeach
      @foreach ($merge->removed as $row)<li><b>{{ $row['label'] }}</b><span>your {{ $row['value'] }} has no effect any more, and is kept. {{ $row['why'] }}</span></li>@endforeach
    </ul>
    @if ($merge->moved !== [])<details><summary>What moves with the theme</summary><ul class="changes">@foreach ($merge->moved as $row)<li><b>{{ $row['label'] }}</b><span>{{ $row['from'] }} <x-icon name="arrow-right"/><span class="hidden-words">becomes</span> {{ $row['to'] }}</span></li>@endforeach</ul></details>@endif
    @if ($edits)<p><button class="publish">Move to {{ $merge->base->version }}</button> One edit; one undo goes back.</p>@endif
  </form>
</section>
