@use('Ikat\Core\Store\RecordKinds')
@php($words = $panel->menu())
@php($entries = $panel->entries())
@php($gap = (float) $look->value('header.menu.gap'))
@php($sum = array_sum(array_column($words, 'width')))
@php($widest = max([1.0, ...array_column($words, 'width')]))
@php($fits = $panel->top()->header->fitsFrom())
@php($kept = $bench->address('storeroom'))
@php($titles = array_replace([], ...array_values($bench->store->targets())))
@php($of = fn (array $values): string => json_encode([...$values, 'open_kind' => RecordKinds::ENTRIES, 'here' => 1]))
@php($last = $edits ? $bench->lastInStoreroom() : null)
<x-tool id="t-menu" title="Menu" :note="count($words).' words '.round($sum).' px + gaps '.round(max(0, count($words) - 1) * $gap).' = '.round($sum + max(0, count($words) - 1) * $gap).' px'">
  @if ($entries === [])<p class="text-[12px]">The menu has no entries yet.</p>@endif
  <div class="menu-board text-[12px]"><ol class="grid gap-px" data-menu-board data-move="{{ $kept }}/move">
    @foreach ($entries as $entry)
    @php($name = $entry['label'])
    <li class="entry-row" data-entry="{{ $entry['id'] }}" data-level="{{ $entry['level'] }}" id="entry-{{ $entry['id'] }}">
      <div class="entry-line level-{{ $entry['level'] }}">
        @if ($edits)<span class="entry-grip" aria-hidden="true"></span>
        <form hx-post="{{ $kept }}/cells" hx-vals="{{ $of(['record' => $entry['id'], 'column' => 'label', 'stood' => $name]) }}" hx-trigger="change, submit"><input class="entry" name="value"
          id="entry-words-{{ $entry['id'] }}" value="{{ $name }}" maxlength="60" aria-label="Words of {{ $name }}" autocomplete="off"></form>
        @else<b class="truncate">{{ $name }}</b>@endif
        <svg viewBox="0 0 80 8" height="8" preserveAspectRatio="none" aria-hidden="true"><rect x="0" y="1" width="{{ round(80 * (float) $entry['width'] / $widest, 1) }}" height="6"/></svg>
        <span class="text-right">{{ $entry['width'] === null ? '' : round($entry['width']) }}</span>
        @if ($edits)<form hx-post="{{ $kept }}/cells" hx-vals="{{ $of(['record' => $entry['id'], 'column' => 'target', 'stood' => $entry['target']]) }}" hx-trigger="change"><select class="entry"
          name="value" data-places="entry-new-target" id="entry-target-{{ $entry['id'] }}" aria-label="{{ $name }} leads to">
          {{-- The others come, from the list of a new entry, when it is gone to. --}}
          <option value="{{ $entry['target'] }}" selected>{{ $titles[$entry['target']] ?? $entry['target'] }}</option></select></form>
        @else<span class="truncate text-ink-2">{{ $entry['target'] }}</span>@endif
      </div>
      @if ($edits)
      <div class="entry-tools" role="group" aria-label="{{ $name }}">
        @foreach ([['Earlier', 'move', ['by' => -1]], ['Later', 'move', ['by' => 1]], ['Further in', 'cells', ['column' => 'level', 'value' => $entry['level'] + 1]],
          ['Further out', 'cells', ['column' => 'level', 'value' => $entry['level'] - 1]], ['Delete', 'delete', ['ids' => $entry['id']]]] as [$act, $to, $values])
        @continue($act === 'Further in' && ($entry['level'] === RecordKinds::LEVELS || $loop->parent->first) || $act === 'Further out' && $entry['level'] === 1)
        <button type="button" class="act" id="entry-{{ Str::slug($act) }}-{{ $entry['id'] }}" hx-post="{{ $kept }}/{{ $to }}"
          hx-vals="{{ $of(['record' => $entry['id'], ...$values]) }}">{{ $act }}<span
          class="sr-only">: {{ $name }}</span></button>
        @endforeach
        <form class="flex items-baseline gap-1" hx-post="{{ $kept }}/cells" hx-vals="{{ $of(['record' => $entry['id'], 'column' => 'mark', 'stood' => $entry['mark']]) }}"
          hx-trigger="change, submit"><label for="entry-mark-{{ $entry['id'] }}">Mark</label><input class="entry w-16!" name="value" id="entry-mark-{{ $entry['id'] }}" value="{{ $entry['mark'] }}"
          maxlength="20" placeholder="New" autocomplete="off"></form>
        <form class="flex items-baseline gap-1" hx-post="{{ $kept }}/cells" hx-vals="{{ $of(['record' => $entry['id'], 'column' => 'target', 'stood' => $entry['target']]) }}"
          hx-trigger="change, submit"><label for="entry-address-{{ $entry['id'] }}">Address</label><input class="entry w-64!" name="value" id="entry-address-{{ $entry['id'] }}"
          value="{{ $entry['target'] }}" maxlength="200" autocomplete="off" autocapitalize="off" spellcheck="false"></form>
      </div>
      @endif
    </li>
    @endforeach
  </ol>
  @if ($edits && $entries !== [])<p class="entry-hint">Alt and arrows move an entry; its level, mark and address stand here: in the shop, a document, or on the web.</p>@endif
  </div>
  @if ($edits && $panel->menuKey() !== 'none')
  <form class="flex items-center gap-2 pt-1 text-[12px]" hx-post="{{ $kept }}/new" hx-vals="{{ $of(['new[menu_id]' => $panel->menuKey(), 'new[level]' => 1]) }}"><input class="entry"
    name="new[label]" id="entry-new" maxlength="60" placeholder="Another entry" aria-label="Words of another entry" autocomplete="off" required><select class="entry w-36!" name="new[target]"
    id="entry-new-target" aria-label="It leads to">@foreach ($bench->store->targets() as $group => $addresses)<optgroup label="{{ $group }}">@foreach ($addresses as $address => $title)<option
    value="{{ $address }}">{{ $title }}</option>@endforeach</optgroup>@endforeach</select><button class="act">Add</button></form>
  @endif
  <p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]">
    <button type="button" class="act" id="over-t-menu"
      data-over="{{ http_build_query(['open_kind' => 'entries', 'open_only' => 'menu_id:'.$panel->menuKey()]) }}">Open the menu in the Storeroom</button>
    <span class="text-ink-2">{{ $fits === null ? 'It fits on no screen beside the rest.' : 'Beside the rest it fits from '.number_format($fits).' px.' }}</span>
  </p>
  @if ($last !== null)<p class="text-[12px]"><button type="button" class="act" id="entry-undo" hx-post="{{ $kept }}/undo" hx-vals="{{ $of([]) }}">Undo in the Storeroom</button> <span
    class="text-ink-2">{{ $last }}. Menus show in the shop at once.</span></p>@endif
</x-tool>
