@php($sheet = $panel->sheet())
<section class="sheet relative flex min-w-0 flex-col border-b border-edge bg-paper [grid-area:sheet]" id="sheet" tabindex="-1" aria-label="Drawing" @isset($oob) hx-swap-oob="morph" @endisset
  @if ($sheet === null) hidden @else data-height="{{ $sheet->height }}" data-window-least="{{ $sheet->window }}" @endif>
  @if ($sheet !== null)
  <div class="sheet-paper flex min-h-0 flex-none flex-col" id="sheet-paper">
    <div class="flex min-h-8 flex-none items-baseline gap-3 px-4 pt-1.5"><h2 class="font-title text-title font-semibold">{{ $sheet->title }}</h2>
      <p class="min-w-0 truncate text-[12px] text-ink-2">{{ $sheet->note }}</p>
      @if ($sheet->zooms)<span class="ml-auto flex flex-none gap-2.5" role="group" aria-label="Size of the drawing"><button type="button" class="act" data-zoom="out"
        aria-label="Smaller">−</button><button
        type="button" class="act" data-zoom="whole"><span data-zoom-now>100%</span><span class="sr-only">, back to 100%</span></button><button type="button" class="act" data-zoom="in"
        aria-label="Larger">+</button></span>@endif</div>
    <div class="sheet-body min-h-0 flex-1 overflow-auto px-4 pb-2" data-sheet-body>@include($sheet->view)</div>
  </div>
  <div class="sheet-edge flex h-4.5 flex-none items-center bg-paper-3">
    <div class="sheet-grip h-full flex-1 cursor-row-resize" role="separator" tabindex="0" aria-orientation="horizontal" aria-label="Height of the drawing" aria-controls="sheet-paper"
      aria-valuemin="96" aria-valuemax="600" aria-valuenow="{{ $sheet->height }}" data-sheet-grip></div>
    <button type="button" class="flex h-full cursor-pointer items-center gap-1 px-4 text-small" data-press="fold" aria-expanded="true" aria-controls="sheet-paper" aria-keyshortcuts="F8"><x-icon
      name="chevron-up"/> <span data-fold-words>Fold away</span></button>
  </div>
  @endif
</section>
