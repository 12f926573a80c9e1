@php($last = $panel->lastEdit())
<p class="truncate">@if ($last === null)<b>Storeroom</b> What is changed here shows in the shop at once, and is undone with Ctrl Z.@else
  <b>{{ ['edit' => 'Last edit', 'undo' => 'Undone', 'redo' => 'Redone'][$last->kind] }}</b>
  <span class="text-ink-2">{{ $last->label }}{{ $last->author === $bench->user->name ? '' : ', by '.$last->author }}</span>@endif</p>
