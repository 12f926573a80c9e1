@php(['undo' => $undo, 'redo' => $redo] = $bench->backAndForth())
@php($button = 'inline-flex min-h-7 cursor-pointer items-center gap-1.5 disabled:cursor-default disabled:text-ink-2 disabled:[&_.icon]:opacity-60')
<div class="flex min-w-0 items-center gap-2.5 border-l border-thread pl-4.5" id="bar-state" @isset($oob) hx-swap-oob="morph" @endisset>
  <button class="{{ $button }}" data-press="undo" hx-post="{{ $bench->address('undo') }}" @disabled($undo === null || ! $bench->edits()) aria-keyshortcuts="Control+Z"><x-icon name="undo-2"/>
    <span>Undo <em class="inline-block max-w-[150px] truncate align-bottom text-ink-2 max-[1199px]:hidden">{{ $undo }}</em></span></button>
  <button class="{{ $button }}" data-press="redo" hx-post="{{ $bench->address('redo') }}" @disabled($redo === null || ! $bench->edits()) aria-keyshortcuts="Control+Shift+Z"
    aria-label="Redo {{ $redo }}"><x-icon name="redo-2"/></button>
</div>
