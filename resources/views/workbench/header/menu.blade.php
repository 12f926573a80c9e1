@use('Ikat\Core\Setting\Setting')
@php($words = $panel->menu())
@php($gap = (float) $look->value('header.menu.gap'))
@php($sum = array_sum(array_column($words, 'width')))
@php($widest = max([1.0, ...array_column($words, 'width')]))
@php($fits = $panel->top()->header->fitsFrom())
<x-tool id="t-menu" title="Menu" :note="count($words).' words '.round($sum).' px + gaps '.round(max(0, count($words) - 1) * $gap).' = '.round($sum + max(0, count($words) - 1) * $gap).' px'">
  @if ($words === [])<p class="text-[12px]">The menu has no entries yet.</p>@endif
  <ul class="menu-words grid gap-0.25 text-[12px]">
    @foreach ($words as $word)
    <li class="grid min-h-5.5 grid-cols-[minmax(0,1fr)_minmax(0,80px)_30px_minmax(0,110px)_40px] items-baseline gap-2"><b class="truncate">{{ $word['words'] }}</b>
      <svg class="w-full" viewBox="0 0 80 8" height="8" preserveAspectRatio="none" aria-hidden="true"><rect x="0" y="1" width="{{ round(80 * $word['width'] / $widest, 1) }}" height="6"/></svg>
      <span class="text-right">{{ round($word['width']) }}</span><span class="truncate text-ink-2">{{ $word['target'] }}</span><span
        class="text-ink-2">{{ $word['below'] > 0 ? $word['below'].' below' : '' }}</span></li>
    @endforeach
  </ul>
  <p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]">
    <button type="button" class="act" id="over-t-menu"
      data-over="{{ http_build_query(['open_kind' => 'entries', 'open_only' => 'menu_id:'.$look->text('header.menu.main')]) }}">Open the menu in the Storeroom</button>
    <span class="text-ink-2">{{ $fits === null ? 'It fits on no screen beside the rest.' : 'Beside the rest it fits from '.number_format($fits).' px.' }}</span>
  </p>
</x-tool>
