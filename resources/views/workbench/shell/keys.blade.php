@php($groups = [
    'Everywhere' => [
        '/' => 'find anything', 'Ctrl Z' => 'undo', 'Ctrl Shift Z' => 'redo', 'F6' => 'to the next region: bar, steps, drawing, window, bench, tape', 'Shift F6' => 'to the region before',
        '?' => 'this list',
    ],
    'In the drawing' => [
        'F8' => 'fold it away, and back', '← → ↑ ↓' => 'from thing to thing, or move what is taken hold of', 'Home End' => 'to the first, to the last', 'Enter' => 'open it',
        '+ − 0' => 'larger, smaller, as at first',
    ],
    'In the shop window' => [
        'Click, or Enter' => 'pick what is there', 'Ctrl click' => 'follow a link', '↑ ↓' => 'to what is around it, or in it', '← →' => 'to its neighbors',
        'Enter' => 'open what is picked', 'W P L C F S T' => 'its words, picture, link, color, font, space, part',
        'O' => 'colors of its own', 'B A H' => 'before, after, hide', 'Delete' => 'delete it from its list',
        'Double click' => 'write where it stands', 'Shift F10' => 'all that can be done with it', 'Esc' => 'let go',
    ],
    'In a table of the Storeroom' => [
        'Enter F2' => 'write the cell; or just type', 'Tab' => 'keep it, and on to the next', 'Shift ← → ↑ ↓' => 'take several', 'Ctrl Space' => 'all of the column, on every page',
        'Ctrl C, Ctrl V' => 'copy and paste columns', 'Ctrl D' => 'the first of what is taken, in all of it', 'Delete' => 'empty it', 'Alt ↑ ↓' => 'earlier or later in the order',
        'Page ↑ Page ↓' => 'other rows', 'Esc' => 'back to what is kept',
    ],
    'On the bench' => [
        '↑ ↓' => 'a number: one step', 'Shift ↑ ↓' => 'ten steps', 'Space' => 'take a row by its grip, and let it go', 'Space, then ↑ ↓' => 'move the row', 'Delete' => 'delete a row',
        'Shift ↑ ↓, or Shift click' => 'several rows at once: Delete, H', 'Ctrl C, Ctrl V' => 'copy and paste a color',
        '← → Home End' => 'along a row of colors',
    ],
])
<dialog id="keys" class="m-auto w-[min(720px,94vw)] border border-ink-1 bg-paper p-0 font-text text-body text-ink-1 backdrop:bg-ink-1/45" aria-labelledby="keys-title">
  <div class="flex items-baseline gap-3 border-b border-thread px-4 py-2.5"><h2 id="keys-title" class="flex-1 font-title text-[21px]/6.5 font-semibold">All keys</h2>
    <button type="button" class="act" data-close-keys>Close</button></div>
  <div class="grid gap-x-6 gap-y-3 px-4 pt-3 pb-4 min-[640px]:grid-cols-2">
    @foreach ($groups as $group => $keys)
    <section @class(['row-span-2' => $loop->iteration === 2])><h3 class="font-title text-[15px]/5 font-semibold">{{ $group }}</h3>
      <dl class="mt-1 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-0.75">@foreach ($keys as $key => $does)<dt><kbd class="border border-edge px-1.25 font-text text-[11px]/4.5
        font-semibold">{{ $key }}</kbd></dt><dd>{{ $does }}</dd>@endforeach</dl></section>
    @endforeach
  </div>
</dialog>
