@use('App\Workbench\Header\RiverDrawing')
@use('Ikat\Core\Header\Arrangement')
{{-- The header at the width that is looked at, true in its proportions: its parts are picked up and put elsewhere. --}}
@php($form = $panel->form())
@php($edits = $bench->edits())
@php($scale = min(1.0, (RiverDrawing::WIDTH - 8) / $form->width))
@php($look = $bench->inspection()->look)
@php([$ground, $ink] = $panel->colors('header', 'menu'))
@php($tall = $form->height * $scale)
@php($parts = [])
@php($rows = count($panel->top()->header->arrangement()->rows))
@foreach ($form->blocks as $block)@php($parts[$block['part']][] = $block)@endforeach
<p class="flex items-baseline gap-3 pt-1 text-[12px]"><b class="font-title text-title">Places</b> <span class="text-ink-2">on {{ number_format($form->width) }} px, {{ round(100 * $scale) }}%</span>
  @if ($form->isFolded)<span class="text-ink-2">the menu is folded away here</span>
  @elseif ($form->fits())<span>{{ round($form->free) }} px free</span>
  @else<span class="font-semibold">{{ $form->over > 0 ? round($form->over).' px too little' : "the menu takes $form->menuLines lines" }}</span>@endif
  @if ($edits && ! $form->isFolded)<span class="ml-auto text-ink-2">drag a part, or pick it up with Enter and move it with the arrow keys</span>@endif</p>
<svg class="plan" viewBox="0 0 {{ RiverDrawing::WIDTH }} {{ round($tall + 26, 1) }}" width="{{ RiverDrawing::WIDTH }}" height="{{ round($tall + 26, 1) }}" role="group" data-drawing data-plan
  data-order="{{ $look->text('header.order') }}" data-folded="{{ $form->isFolded ? 'yes' : 'no' }}" aria-label="Places of the header’s parts">
  <rect class="plan-ground" x="0" y="0" width="{{ $form->width * $scale }}" height="{{ $tall }}" fill="{{ $ground }}"/>
  @if (! $form->isFolded)
  @foreach ($rows > 1 ? ['' => [0, $tall / 2], 'below' => [$tall / 2, $tall / 2]] : ['' => [0, $tall], 'below' => [$tall + 2, 22]] as $row => [$from, $height])
  @foreach (['start', 'middle', 'end'] as $i => $side)
  @php($place = $row === '' ? $side : ($side === 'middle' ? 'below' : "below-$side"))
  <rect class="zone" data-zone="{{ $place }}" data-words="{{ Arrangement::PLACES[$place] }}" x="{{ $i * $form->width * $scale / 3 }}" y="{{ round($from, 1) }}" width="{{ $form->width * $scale / 3 }}"
    height="{{ round($height, 1) }}"/>
  @endforeach
  @endforeach
  @if ($rows < 2)<text class="zone-words" x="6" y="{{ $tall + 16 }}">second row: empty</text>@endif
  @endif
  @foreach ($parts as $part => $blocks)
  @php($left = min(array_column($blocks, 'x')))
  @php($topmost = min(array_column($blocks, 'y')))
  @php($right = max(array_map(fn ($b) => $b['x'] + $b['width'], $blocks)))
  @php($lowest = max(array_map(fn ($b) => $b['y'] + $b['height'], $blocks)))
  @php($called = Arrangement::PARTS[$part] ?? 'menu sign')
  @php($place = $form->isFolded ? ($part === 'logo' ? $look->text('header.folded.logo') : ($part === 'fold' ? $look->text('header.folded.button') : '')) : $look->text(Arrangement::path($part)))
  <g @class(['piece', 'is-picked' => $part === $panel->piece]) data-piece="{{ $part }}" data-at="{{ $place }}" data-mark tabindex="{{ $loop->first ? 0 : -1 }}" role="button"
    aria-label="{{ ucfirst($called) }}, {{ $form->isFolded ? 'beside the folded menu' : (Arrangement::PLACES[$place] ?? '') }}"
    @if (isset(Arrangement::PARTS[$part])) hx-get="{{ $panel->address(['open_piece' => $part]) }}" hx-trigger="opened" @endif>
    <rect class="piece-room" x="{{ $left * $scale - 2 }}" y="{{ $topmost * $scale }}" width="{{ ($right - $left) * $scale + 4 }}" height="{{ ($lowest - $topmost) * $scale }}"/>
    @foreach ($blocks as $block)
    <rect class="piece-block" x="{{ $block['x'] * $scale }}" y="{{ ($block['y'] + $block['height'] / 2) * $scale - 7 }}" width="{{ max(2, $block['width'] * $scale) }}" height="14" fill="{{ $ink }}"/>
    @endforeach
  </g>
  <g data-words-of="{{ $part }}" aria-hidden="true">
    @foreach ($blocks as $block)
    @if ($block['width'] * $scale > 26)<text class="piece-words" x="{{ ($block['x'] + $block['width'] / 2) * $scale }}" y="{{ ($block['y'] + $block['height'] / 2) * $scale + 4 }}" text-anchor="middle"
      fill="{{ $ink }}">{{ mb_strimwidth($block['words'], 0, max(3, (int) ($block['width'] * $scale / 5.8)), '…') }}</text>@endif
    @endforeach
  </g>
  @endforeach
</svg>
