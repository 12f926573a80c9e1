@php($address = "/workbench/looks/$look->id/tasks/$task->id")
@php($library = "/workbench/looks/$look->id/pictures?".http_build_query(['for' => $for, 'open' => $task->picture_id]))
<div class="task flex flex-wrap items-center gap-x-3 gap-y-2 px-4 py-2.5" id="task-{{ $task->id }}"
  @if (! $task->state->isOver()) hx-get="{{ $address }}" hx-trigger="every 600ms" hx-vals="{{ json_encode(['for' => $for]) }}" hx-target="this" hx-swap="outerHTML"
  @elseif ($task->kind === App\Tasks\TaskKind::Lighten) hx-get="/workbench/looks/{{ $look->id }}/products" hx-include="#state" hx-trigger="load" hx-target="#bench" hx-swap="morph:innerHTML"
  @elseif ($task->state === App\Tasks\TaskState::Done) hx-get="{{ $library }}" hx-trigger="load" hx-target="#library-content" hx-swap="innerHTML" @endif>
  @if (! $task->state->isOver())
  <label for="task-bar-{{ $task->id }}">{{ $task->kind === App\Tasks\TaskKind::Take ? "Taking “{$task->title}” in, behind the pages: you can go on working" : "{$task->title}, behind
    the pages: you can go on working" }}</label>
  <progress class="flex-[1_1_160px]" id="task-bar-{{ $task->id }}" max="100" value="{{ $task->progress() }}">{{ $task->progress() }}%</progress>
  <button type="button" class="act" hx-post="{{ $address }}/cancel" hx-vals="{{ json_encode(['for' => $for]) }}" hx-target="#task-{{ $task->id }}" hx-swap="outerHTML">Call it off</button>
  @else
  <p role="status">{{ $task->words === '' ? "“{$task->title}” is in the library." : $task->words }}</p>
  @endif
</div>
