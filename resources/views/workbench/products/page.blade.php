@use('App\Workbench\Products\ProductDrawing')
@use('Ikat\Core\ProductPage\ProductBlocks')
@use('Ikat\Core\Setting\Setting')
@php($drawn = $panel->page())
@php($drawing = $drawn->drawing())
@php($desktop = $drawing->desktop)
@php($phone = $drawing->phone)
@php($look = $bench->inspection()->look)
@php($edits = $bench->edits())
@php($pictures = $drawn->pictures())
@php($first = $look->text('product.video') === 'first' ? count($desktop->pictures) - max(1, count($pictures)) : 0)
@php($order = Ikat\Core\Setting\Type\OrderType::whole($look->text('product.order'), ProductBlocks::ALL))
@php($foot = $drawing->foot())
<svg class="shelves product-drawing" viewBox="0 0 {{ ProductDrawing::WIDTH }} {{ ProductDrawing::HEIGHT }}" width="{{ ProductDrawing::WIDTH }}" height="{{ ProductDrawing::HEIGHT }}" role="group"
  data-shelves data-scale="{{ ProductDrawing::SCALE }}" data-left="{{ $drawing->x(0) }}" data-room="{{ round($desktop->room * ProductDrawing::SCALE, 1) }}"
  data-turned="{{ $desktop->gallery['x'] > 0 ? 'yes' : 'no' }}" aria-label="The page of a product on a desktop and on a phone">
  <text class="device" x="{{ ProductDrawing::LEFT }}" y="12">Desktop <tspan class="quiet">{{ number_format($desktop->screen[0]) }}</tspan></text>
  <clipPath id="page-desktop"><rect x="{{ ProductDrawing::LEFT }}" y="{{ ProductDrawing::TOP }}" width="{{ $drawing->width() }}" height="{{ $foot - ProductDrawing::TOP }}"/></clipPath>
  <g clip-path="url(#page-desktop)">
    <rect class="page" x="{{ ProductDrawing::LEFT }}" y="{{ ProductDrawing::TOP }}" width="{{ $drawing->width() }}" height="{{ $foot - ProductDrawing::TOP }}"/>
    <rect class="over" x="{{ ProductDrawing::LEFT }}" y="{{ ProductDrawing::TOP }}" width="{{ $drawing->width() }}"
      height="{{ round(max(0, $desktop->gallery['y']) * ProductDrawing::SCALE, 1) }}"/>
    @php($gallery = $drawing->box($desktop->gallery))
    <clipPath id="page-gallery"><rect x="{{ $gallery['x'] }}" y="{{ $gallery['y'] }}" width="{{ $gallery['width'] }}" height="{{ $gallery['height'] }}"/></clipPath>
    <g clip-path="url(#page-gallery)">@foreach ($desktop->pictures as $n => $box)
    @php($at = $drawing->box($box))
    @php($picture = $pictures[$n - $first] ?? null)
    <rect class="card" x="{{ $at['x'] }}" y="{{ $at['y'] }}" width="{{ $at['width'] }}" height="{{ $at['height'] }}"/>@if ($picture)<image href="{{ $picture->address() }}" x="{{ $at['x'] }}"
      y="{{ $at['y'] }}" width="{{ $at['width'] }}" height="{{ $at['height'] }}" preserveAspectRatio="xMidYMid slice"/>@elseif ($pictures !== [])<text class="device"
      x="{{ $at['x'] + 6 }}" y="{{ $at['y'] + 16 }}">film</text>@endif @endforeach</g>
    @php($head = $drawing->box($desktop->head))
    <svg x="{{ $head['x'] }}" y="{{ $head['y'] }}" width="{{ $head['width'] }}" height="{{ max(14, $head['height']) }}"><text class="product-name" x="0"
      y="{{ round(max(14, $head['height']) / 2 + 4, 1) }}">{{ $drawn->product->name }}</text></svg>
    @foreach ($desktop->blocks as $block => $box)
    @php($at = $drawing->box($box))
    <rect @class(['block', 'is-buy' => $block === 'buy', 'is-others' => $block === 'others']) x="{{ $at['x'] }}" y="{{ $at['y'] }}" width="{{ $at['width'] }}" height="{{ max(2, $at['height']) }}"/>
    @endforeach
  </g>
  <rect class="edge" x="{{ ProductDrawing::LEFT }}" y="{{ ProductDrawing::TOP }}" width="{{ $drawing->width() }}" height="{{ $foot - ProductDrawing::TOP }}"/>
  @php($fold = $drawing->y($desktop->screen[1]))
  @if ($fold < $foot)<path class="first-screen" d="M{{ ProductDrawing::LEFT - 3 }} {{ $fold }}H{{ ProductDrawing::LEFT + $drawing->width() + 6 }}"/>@endif
  @if ($desktop->isBeside)
  @php($share = $desktop->gallery['x'] > 0 ? $desktop->gallery['x'] : $desktop->gallery['width'])
  @php($x = $drawing->x($share))
  <path class="slide-line" d="M{{ $x }} {{ ProductDrawing::TOP }}V{{ $foot }}" data-moves/>
  <x-slide :$bench path="product.proportion" kind="share" data-screen="{{ $desktop->screen[0] }}"><g data-moves><rect class="slide-room" x="{{ $x - 16 }}" y="2" width="32" height="24"/><rect
    class="slide-plate" x="{{ $x - 13 }}" y="5" width="26" height="17"/><text class="slide-words" x="{{ $x }}" y="18"
    text-anchor="middle">{{ Setting::plainNumber((float) $look->value('product.proportion')) }}</text></g></x-slide>
  @endif
  {{-- A plate for each block, in their order, with a line to where it stands. --}}
  <text class="device" x="{{ ProductDrawing::PLATES }}" y="12">Blocks, in their order</text>
  @php($end = ProductDrawing::LEFT + $drawing->width())
  <g data-orders="product.order" data-blocks="{{ implode(',', $order) }}" data-each="{{ ProductDrawing::EACH }}">
  @foreach ($order as $n => $block)
  @php($top = ProductDrawing::TOP + ProductDrawing::EACH * $n)
  @php($box = $desktop->blocks[$block] ?? null)
  @php($at = $box === null ? null : $drawing->box($box))
  @php($isUnder = $block === 'under')
  @if ($at !== null && $at['y'] < $foot)<path class="to-block"
    d="M{{ ProductDrawing::PLATES - 2 }} {{ $top + 11 }}L{{ $end + 8 }} {{ min($foot, round($at['y'] + $at['height'] / 2, 1)) }}H{{ round(min($end, $at['x'] + $at['width']), 1) }}"/>@endif
  <g @class(['block-plate', 'is-away' => $at === null && ! $isUnder, 'is-line' => $isUnder]) id="block-{{ $block }}" data-block="{{ $block }}" @if ($edits) role="button"
    tabindex="{{ $n === 0 ? 0 : -1 }}" @else role="img" @endif
    aria-label="{{ ProductBlocks::ALL[$block].($isUnder ? '' : ($box === null ? ' not shown' : ' '.round($box['height']).' px')).', '.($n + 1).' of '.count($order) }}">
    <rect x="{{ ProductDrawing::PLATES }}" y="{{ $top }}" width="{{ ProductDrawing::PLATE }}" height="{{ ProductDrawing::EACH - 3 }}"/>
    <text x="{{ ProductDrawing::PLATES + 8 }}" y="{{ $top + 15 }}">{{ ProductBlocks::ALL[$block] }}</text>
    @if (! $isUnder)<text class="tall" x="{{ ProductDrawing::PLATES + ProductDrawing::PLATE - 8 }}" y="{{ $top + 15 }}"
      text-anchor="end">{{ $box === null ? 'not shown' : round($box['height']).' px' }}</text>@endif
  </g>
  @endforeach
  </g>
  {{-- The phone, screen by screen. --}}
  @php([$wide, $tall] = $drawing->small())
  @php($screens = $phone->screensToBuy())
  <text class="device" x="{{ $drawing->screen(0) }}" y="12">Phone <tspan class="quiet">{{ $phone->screen[0] }}, screen by screen</tspan></text>
  @for ($n = 0; $n < ProductDrawing::SCREENS; $n++)
  @php($left = $drawing->screen($n))
  <clipPath id="page-phone-{{ $n }}"><rect x="{{ $left }}" y="{{ ProductDrawing::TOP }}" width="{{ $wide }}" height="{{ $tall }}"/></clipPath>
  <g clip-path="url(#page-phone-{{ $n }})">
    <rect class="page" x="{{ $left }}" y="{{ ProductDrawing::TOP }}" width="{{ $wide }}" height="{{ $tall }}"/>
    @php($over = $drawing->onScreen($n, ['x' => -60, 'y' => 0, 'width' => $phone->screen[0] + 120, 'height' => $phone->gallery['y']]))
    @if ($over !== null)<rect class="over" x="{{ $over['x'] }}" y="{{ $over['y'] }}" width="{{ $over['width'] }}" height="{{ $over['height'] }}"/>@endif
    @foreach ($phone->pictures as $i => $box)
    @php($at = $drawing->onScreen($n, $box))
    @continue($at === null)
    @php($picture = $pictures[$i - $first] ?? null)
    <rect class="card" x="{{ $at['x'] }}" y="{{ $at['y'] }}" width="{{ $at['width'] }}" height="{{ $at['height'] }}"/>@if ($picture)<image href="{{ $picture->address() }}" x="{{ $at['x'] }}"
      y="{{ $at['y'] }}" width="{{ $at['width'] }}" height="{{ $at['height'] }}" preserveAspectRatio="xMidYMid slice"/>@endif
    @endforeach
    @php($at = $drawing->onScreen($n, $phone->head))
    @if ($at !== null)<svg x="{{ $at['x'] }}" y="{{ $at['y'] }}" width="{{ $at['width'] }}" height="{{ max(14, $at['height']) }}"><text class="product-name" x="0"
      y="{{ round(max(14, $at['height']) / 2 + 4, 1) }}">{{ $drawn->product->name }}</text></svg>@endif
    @foreach ($phone->blocks as $block => $box)
    @php($at = $drawing->onScreen($n, $box))
    @if ($at !== null)<rect @class(['block', 'is-buy' => $block === 'buy', 'is-others' => $block === 'others']) x="{{ $at['x'] }}" y="{{ $at['y'] }}" width="{{ $at['width'] }}"
      height="{{ max(2, $at['height']) }}"/>@endif
    @endforeach
    @if ($phone->buttonStays && $phone->button !== null)<rect class="block is-button" x="{{ $left }}" y="{{ round(ProductDrawing::TOP + $tall - 13, 1) }}" width="{{ $wide }}" height="13"/>
    @elseif ($phone->button !== null)
    @php($button = $drawing->onScreen($n, ['x' => 0, 'y' => $phone->button - 46, 'width' => $phone->room, 'height' => 46]))
    @if ($button !== null)<rect class="block is-button" x="{{ $button['x'] }}" y="{{ $button['y'] }}" width="{{ $button['width'] }}" height="{{ $button['height'] }}"/>@endif
    @endif
  </g>
  <rect class="edge" x="{{ $left }}" y="{{ ProductDrawing::TOP }}" width="{{ $wide }}" height="{{ $tall }}"/>
  <text x="{{ $left }}" y="{{ ProductDrawing::TOP + $tall + 13 }}">screen {{ $n + 1 }}</text>
  @endfor
  <text class="figure" x="{{ $drawing->screen(0) }}" y="{{ ProductDrawing::TOP + $tall + 30 }}">{{ match (true) {
      $screens === null => 'It is sold out, and has no button.',
      $screens === 0.0 => 'The button is always in sight.',
      default => 'The button ends after '.number_format($screens, 1).' screens'.($screens > ProductDrawing::SCREENS ? ', beyond what is drawn.' : '.'),
  } }}</text>
</svg>
