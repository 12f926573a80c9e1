@php(['undo' => $undo, 'redo' => $redo] = $panel->backAndForth())
@php($edits = $bench->edits())
@php($button = 'inline-flex min-h-7 cursor-pointer items-center gap-1.5 disabled:cursor-default disabled:text-ink-2 disabled:[&_.icon]:opacity-60')
@php($does = 'hidden absolute top-8 left-0 z-25 w-max max-w-90 border border-ink-1 bg-paper px-2.5 py-1.5 whitespace-normal group-hover:block group-has-[:focus-visible]:block max-[639px]:hidden!')
<div class="flex min-w-0 items-center gap-2.5 border-l border-thread pl-4.5" id="bar-state" @isset($oob) hx-swap-oob="morph" @endisset>
  <span class="group relative"><button class="{{ $button }}" data-press="undo" hx-post="{{ $bench->address($panel->journalAddress().'undo') }}" @disabled($undo === null || ! $edits)
    aria-keyshortcuts="Control+Z"
    @if ($undo !== null) data-lights="{{ $undo['path'] }}" aria-describedby="undo-does" @endif><x-icon name="undo-2"/>
    <span>Undo <em class="inline-block max-w-[150px] truncate align-bottom text-ink-2 max-[1199px]:hidden">{{ $undo['label'] ?? '' }}</em></span></button>
    @if ($undo !== null)<span class="{{ $does }}" id="undo-does" role="tooltip">{{ $undo['words'] }}</span>@endif</span>
  <span class="group relative"><button class="{{ $button }}" data-press="redo" hx-post="{{ $bench->address($panel->journalAddress().'redo') }}" @disabled($redo === null || ! $edits)
    aria-keyshortcuts="Control+Shift+Z"
    aria-label="Redo {{ $redo['label'] ?? '' }}" @if ($redo !== null) data-lights="{{ $redo['path'] }}" aria-describedby="redo-does" @endif><x-icon name="redo-2"/></button>
    @if ($redo !== null)<span class="{{ $does }}" id="redo-does" role="tooltip">{{ $redo['words'] }}</span>@endif</span>
</div>
