@php($undo = $bench->journal()->undoable())
@php($redo = $bench->journal()->redoable())
<div class="steps-back" id="bar-state" @isset($oob) hx-swap-oob="morph" @endisset>
  <button class="plain" data-press="undo" hx-post="{{ $bench->address('undo') }}" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML" @disabled($undo === null || ! $bench->user->role->edits()) aria-keyshortcuts="Control+Z"><x-icon name="undo-2"/><span>Undo <em>{{ $undo?->label }}</em></span></button>
  <button class="plain" data-press="redo" hx-post="{{ $bench->address('redo') }}" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML" @disabled($redo === null || ! $bench->user->role->edits()) aria-keyshortcuts="Control+Shift+Z" aria-label="Redo {{ $redo?->label }}"><x-icon name="redo-2"/></button>
</div>
