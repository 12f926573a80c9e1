@php(['undo' => $undo, 'redo' => $redo] = $bench->backAndForth())
<div class="steps-back" id="bar-state" @isset($oob) hx-swap-oob="morph" @endisset>
  <button class="plain" data-press="undo" hx-post="{{ $bench->address('undo') }}" @disabled($undo === null || ! $bench->edits()) aria-keyshortcuts="Control+Z"><x-icon name="undo-2"/><span>Undo <em>{{ $undo }}</em></span></button>
  <button class="plain" data-press="redo" hx-post="{{ $bench->address('redo') }}" @disabled($redo === null || ! $bench->edits()) aria-keyshortcuts="Control+Shift+Z" aria-label="Redo {{ $redo }}"><x-icon name="redo-2"/></button>
</div>
