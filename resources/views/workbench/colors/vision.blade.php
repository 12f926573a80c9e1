@use('Ikat\Core\Color\Vision')
@php($alike = $panel->alike())
<div class="flex flex-wrap gap-x-3 gap-y-0.5" role="group" aria-label="See the shop window and the pairs with other eyes">
  <button type="button" class="act" data-sees="" aria-pressed="true">as it is</button>
  @foreach (Vision::cases() as $vision)<button type="button" class="act" data-sees="{{ $vision->value }}" aria-pressed="false">{{ $vision->label() }}</button>@endforeach
</div>
@if ($alike === [])<p class="py-0.75 text-ink-2">Labels, messages and links stay apart with all of them.</p>@else<x-findings :$bench :findings="$alike"/>@endif
