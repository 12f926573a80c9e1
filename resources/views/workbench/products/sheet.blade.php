@use('App\Workbench\Products\ShelvesDrawing')
@use('App\Pictures\ShopPicture')
@use('Ikat\Core\Grid\ShelfSolver')
@use('Ikat\Core\Setting\Setting')
@php($drawn = $panel->shelf())
@php($drawing = $drawn->drawing())
@php($shelves = $drawn->shelves())
@php($goods = $drawn->goods())
@php($edits = $bench->edits())
@php($even = $drawn->even())
@php($order = $drawn->order())
<svg class="shelves" viewBox="0 0 {{ ShelvesDrawing::WIDTH }} {{ $drawing->height }}" width="{{ ShelvesDrawing::WIDTH }}" height="{{ $drawing->height }}" role="group" data-shelves
  data-scale="{{ $drawing->scale }}" aria-label="The shelf on a phone, a tablet and a desktop">
  <defs><pattern id="shelf-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="hatch" d="M0 0V6"/></pattern></defs>
  @foreach ($shelves as $device => $shelf)
  @php($form = $shelf->form)
  @php($left = $drawing->left[$device])
  @php($bottom = $drawing->bottom($device))
  @php($wide = round($shelf->screen[0] * $drawing->scale, 1))
  @php($right = $left + $wide)
  @php($count = count($goods))
  @php($columns = (int) $bench->inspection()->look->value("grid.columns.$device"))
  <text class="device" x="{{ $left }}" y="12">{{ ucfirst($device) }} <tspan class="quiet">{{ number_format($shelf->screen[0]) }}</tspan></text>
  <clipPath id="shelf-{{ $device }}"><rect x="{{ $left }}" y="{{ ShelvesDrawing::TOP }}" width="{{ $wide }}" height="{{ $bottom - ShelvesDrawing::TOP }}"/></clipPath>
  <g clip-path="url(#shelf-{{ $device }})" @if ($device === 'desktop' && $order !== null) data-order="{{ json_encode($order) }}" data-columns="{{ $form->columns }}" @endif
    data-shelf-on="{{ $device }}" data-begins="{{ round($shelf->begins, 1) }}" data-ends="{{ round($shelf->ends, 1) }}">
    <rect class="page" x="{{ $left }}" y="{{ ShelvesDrawing::TOP }}" width="{{ $wide }}" height="{{ $bottom - ShelvesDrawing::TOP }}"/>
    <rect class="over" x="{{ $left }}" y="{{ ShelvesDrawing::TOP }}" width="{{ $wide }}" height="{{ $drawing->y($device, $shelf->begins) - ShelvesDrawing::TOP }}"/>
    @foreach ($drawing->cards($device) as $card)
    @php($product = $goods[$card['n']])
    @php($bar = max(1.2, 7 * $drawing->scale))
    @php([$wordsLeft, $wordsTop, $wordsWide] = $card['words'])
    @if ($device === 'desktop' && $order !== null && $edits)
    <g class="goods" id="goods-{{ $product->slug }}" data-goods="{{ $card['n'] }}" role="button" tabindex="{{ $card['n'] === 0 ? 0 : -1 }}"
      aria-label="{{ $product->name }}, {{ $card['n'] + 1 }} of {{ $count }}"><title>{{ $product->name }}</title>
    @else
    <g><title>{{ $product->name }}</title>
    @endif
      <rect class="card" x="{{ $card['x'] }}" y="{{ $card['y'] }}" width="{{ $card['inner'] }}" height="{{ $card['picture'] }}"/>
      @if ($product->picture)<svg x="{{ $card['x'] }}" y="{{ $card['y'] }}" width="{{ $card['inner'] }}" height="{{ $card['picture'] }}"
        viewBox="0 0 {{ $card['inner'] }} {{ $card['picture'] }}"><image
        href="{{ ShopPicture::of($product->picture)->smallest() }}" width="{{ $card['inner'] }}" height="{{ $card['picture'] }}" preserveAspectRatio="xMidYMid slice"/></svg>@endif
      @for ($line = 0; $line < $card['lines']; $line++)<rect class="name" x="{{ $wordsLeft }}" y="{{ round($wordsTop + 3.2 * $bar + 3 * $line * $bar, 1) }}"
        width="{{ round($wordsWide * ($line === $card['lines'] - 1 ? .6 : .92), 1) }}" height="{{ $bar }}"/>@endfor
      <rect class="cost" x="{{ $wordsLeft }}" y="{{ round($wordsTop + (4 + 3 * $card['lines']) * $bar, 1) }}" width="{{ round($wordsWide * .3, 1) }}"
        height="{{ $bar }}"/>
    </g>
    @endforeach
    @foreach ($drawing->places($device) as $place)<rect @class(['place', 'is-tile' => $form->last === 'more']) x="{{ $place['x'] }}" y="{{ $place['y'] }}" width="{{ $place['width'] }}"
      height="{{ $place['height'] }}" @if ($form->last !== 'more') fill="url(#shelf-hatch)" @endif/>@endforeach
  </g>
  <rect class="edge" x="{{ $left }}" y="{{ ShelvesDrawing::TOP }}" width="{{ $wide }}" height="{{ $bottom - ShelvesDrawing::TOP }}"/>
  @php($fold = $drawing->y($device, $shelf->screen[1]))
  @if ($fold < $bottom)<path class="first-screen" d="M{{ $left - 3 }} {{ $fold }}H{{ $right + 6 }}"/>@endif
  @php($at = $right + 9)
  @foreach ([
    ['card', round($form->card).' px'], ['begins at', number_format(round($shelf->begins)).' px'],
    ['first screen shows', $shelf->seen.' of '.$count], ['ends after', round($shelf->screens(), 1).' screens'],
    $drawn->ends($shelf),
  ] as $i => [$what, $figure])
  <text x="{{ $at }}" y="{{ ShelvesDrawing::TOP + 10 + 27 * $i }}">{{ $what }}<tspan x="{{ $at }}" dy="12" class="figure">{{ $figure }}</tspan></text>
  @endforeach
  @php($side = $shelf->left())
  {{-- What is taken hold of is the plate alone: a line as tall as the shelf has no corner that could be reached on a small screen. --}}
  @php($handle = $drawing->x($device, $side + $form->card + $form->gap / 2))
  <path class="slide-line" d="M{{ $handle }} {{ ShelvesDrawing::TOP }}V{{ $bottom }}" data-moves/>
  <x-slide :$bench path="grid.columns.{{ $device }}" kind="columns" data-screen="{{ $shelf->screen[0] }}" data-left="{{ $drawing->x($device, $side) }}" data-room="{{ $form->room }}"
    data-gap="{{ $form->gap }}">
    <g data-moves><rect class="slide-room" x="{{ $handle - 14 }}" y="{{ ShelvesDrawing::TOP - 24 }}" width="28" height="24"/><rect class="slide-plate" x="{{ $handle - 10 }}"
      y="{{ ShelvesDrawing::TOP - 20 }}" width="20" height="17"/><text class="slide-words" x="{{ $handle }}" y="{{ ShelvesDrawing::TOP - 7 }}" text-anchor="middle">{{ $columns }}</text></g></x-slide>
  @endforeach
  {{-- What stands between cards, and how wide the page is. --}}
  @php($right = $drawing->left['desktop'] + $shelves['desktop']->screen[0] * $drawing->scale)
  @foreach ([['grid.gap', 'gap', 'gap'], ['page.width', 'page', 'page width']] as $i => [$path, $kind, $word])
  @php($value = (float) $bench->inspection()->look->value($path))
  @php($y = ShelvesDrawing::TOP + 42 * $i)
  <x-slide :$bench :$path :$kind><rect class="slide-room" x="{{ $right + 100 }}" y="{{ $y }}" width="64" height="36"/><text x="{{ $right + 103 }}" y="{{ $y + 10 }}">{{ $word
    }}</text><rect class="slide-plate is-quiet" x="{{ $right + 103 }}" y="{{ $y + 15 }}" width="52" height="17"/><text class="slide-words is-quiet" x="{{ $right + 129 }}" y="{{ $y + 28 }}"
    text-anchor="middle">{{ Setting::plainNumber($value) }}</text></x-slide>
  @endforeach
  @if ($drawn->solver->look->arrange === 'tiles')
  {{-- Which numbers of products on a page come out even. --}}
  @php($y = $drawing->strip())
  @php($step = 14.2)
  @php($of = fn (int $n): float => round(118 + $step * ($n - 1), 1))
  <text class="device" x="6" y="{{ $y + 16 }}">Even on a page</text>
  @foreach ($even as $n)<rect class="is-even" x="{{ $of($n) - 7 }}" y="{{ $y + 4 }}" width="14" height="64"/>@endforeach
  @for ($n = 1; $n <= ShelfSolver::MOST; $n++)@if ($n % 4 === 0 || $n === 1)<text x="{{ $of($n) }}" y="{{ $y + 16 }}" text-anchor="middle">{{ $n }}</text>@endif @endfor
  @foreach ($shelves as $device => $shelf)
  @php($row = $y + 29 + 14 * $loop->index)
  <text x="6" y="{{ $row + 4 }}">{{ $device }}</text>
  <path class="axis" d="M{{ $of(1) }} {{ $row }}H{{ $of(ShelfSolver::MOST) }}"/>
  @for ($n = $shelf->form->columns; $n <= ShelfSolver::MOST; $n += $shelf->form->columns)<rect class="fills" x="{{ $of($n) - 4 }}" y="{{ $row - 3 }}" width="8" height="6"/>@endfor
  @endforeach
  @php($here = min(ShelfSolver::MOST, $drawn->count()))
  @if ($here > 0)<path class="first-screen" d="M{{ $of($here) }} {{ $y + 20 }}V{{ $y + 68 }}"><title>{{ $drawn->told() }}</title></path>@endif
  @php($onPage = (float) $bench->inspection()->look->value('grid.count'))
  <x-slide :$bench path="grid.count" kind="count" data-first="{{ $of(1) }}" data-each="{{ $step }}"><g data-moves><rect class="slide-room" x="{{ $of((int) $onPage) - 12 }}"
    y="{{ $y + 1 }}"
    width="24" height="24"/><rect class="slide-plate" x="{{ $of((int) $onPage) - 10 }}" y="{{ $y + 4 }}" width="20" height="17"/><text class="slide-words" x="{{ $of((int) $onPage) }}"
      y="{{ $y + 17 }}"
    text-anchor="middle">{{ Setting::plainNumber($onPage) }}</text></g></x-slide>
  @endif
</svg>
