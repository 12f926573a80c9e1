@use('App\Workbench\Products\FrameDrawing')
@use('Ikat\Core\Grid\Proportion')
@php($drawing = $panel->frame()->drawing())
@php($frame = $drawing->frame)
@php($edits = $bench->edits())
@php($foot = FrameDrawing::FOOT)
<svg class="shelves frame-drawing" viewBox="0 0 {{ FrameDrawing::WIDTH }} {{ FrameDrawing::HEIGHT }}" width="{{ FrameDrawing::WIDTH }}" height="{{ FrameDrawing::HEIGHT }}" role="group" data-shelves
  data-frame="{{ $frame }}" data-left="{{ FrameDrawing::LEFT }}" data-room="{{ FrameDrawing::RIGHT - FrameDrawing::LEFT }}" data-least="{{ Proportion::LEAST }}" data-most="{{ Proportion::MOST }}"
  aria-label="The frame over all pictures">
  <defs><pattern id="frame-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="hatch is-faint" d="M0 0V6"/></pattern>
    <clipPath id="frame-chart"><rect x="{{ FrameDrawing::LEFT }}" y="{{ FrameDrawing::TOP }}" width="{{ FrameDrawing::RIGHT - FrameDrawing::LEFT }}"
      height="{{ $foot - FrameDrawing::TOP }}"/></clipPath></defs>
  <rect class="page" x="{{ FrameDrawing::LEFT }}" y="{{ FrameDrawing::TOP }}" width="{{ FrameDrawing::RIGHT - FrameDrawing::LEFT }}" height="{{ $foot - FrameDrawing::TOP }}"/>
  @foreach ([0, .2, .4, .6, .8] as $share)<path class="axis" d="M{{ FrameDrawing::LEFT }} {{ $drawing->y($share) }}H{{ FrameDrawing::RIGHT }}"/><text x="{{ FrameDrawing::LEFT - 6 }}"
    y="{{ $drawing->y($share) + 4 }}" text-anchor="end">{{ 100 * $share }}%</text>@endforeach
  @foreach ($drawing->marks() as $words => $x)<path class="axis" d="M{{ $x }} {{ $foot }}v4"/><text x="{{ $x }}" y="{{ $foot + 16 }}" text-anchor="middle">{{ $words }}</text>@endforeach
  <text x="{{ FrameDrawing::LEFT }}" y="{{ $foot + 28 }}">taller</text><text x="{{ FrameDrawing::RIGHT }}" y="{{ $foot + 28 }}" text-anchor="end">wider</text>
  <text x="6" y="14" class="device">Share of a picture</text>
  <g clip-path="url(#frame-chart)"><g data-moves="frame"><path class="frame-loss" d="{{ $drawing->line() }}V{{ $foot }}H{{ $drawing->x($frame) - 900 }}Z" fill="url(#frame-hatch)"/><path
    class="frame-line" d="{{ $drawing->line() }}"/></g>
    <text x="{{ FrameDrawing::LEFT + 8 }}" y="{{ FrameDrawing::TOP + 14 }}">empty margin, dot by dot</text>
    @foreach ($drawing->dots() as $dot)<circle @class(['dot', "is-$dot[state]", 'is-open' => $dot['picture']->id === $panel->frame()->picture()?->id]) cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}"
      r="4.500"
      data-picture="{{ $dot['picture']->id }}"><title>{{ $dot['picture']->name }}, {{ Proportion::words($dot['picture']->framed->proportion) }}</title></circle>@endforeach
  </g>
  @php([$wide, $tall] = $drawing->plate())
  @php($x = $drawing->x($frame))
  <path class="first-screen is-blue" d="M{{ $x }} {{ FrameDrawing::TOP - 2 }}V{{ $foot }}" data-moves="frame"/>
  <x-slide :$bench path="card.proportion" kind="frame"><g data-moves="frame"><rect class="slide-room" x="{{ $x - 20 }}" y="14" width="40" height="42"/><rect class="slide-plate"
    x="{{ round($x - $wide / 2, 1) }}" y="{{ round(35 - $tall / 2, 1) }}" width="{{ $wide }}" height="{{ $tall }}"/><text class="slide-words" x="{{ $x }}" y="39"
    text-anchor="middle">{{ $bench->inspection()->look->value('card.proportion') }}</text></g></x-slide>
  @foreach (['whole' => [80, 'whole'], 'pointed' => [146, 'whole, if pointed otherwise'], 'cut' => [308, 'thing cut']] as $state => [$at, $words])<circle class="dot is-{{ $state }}"
    cx="{{ FrameDrawing::LEFT + $at }}" cy="{{ $foot + 24 }}" r="4.500"/><text x="{{ FrameDrawing::LEFT + $at + 9 }}" y="{{ $foot + 28 }}">{{ $words }}</text>@endforeach
  {{-- Those that lose most, whole, with what the frame shows of them and the point that stays in sight. --}}
  @foreach ($drawing->worst() as $picture)
  @php($framed = $picture->framed)
  @php($scale = min(84 / $framed->proportion, 62.0))
  @php([$w, $h] = [round($scale * $framed->proportion, 1), round($scale, 1)])
  @php([$left, $top] = [524 + 98 * ($loop->index % 3), 14 + 112 * intdiv($loop->index, 3)])
  @php($shown = $framed->shown($frame))
  <g class="crop-thumb" data-picture="{{ $picture->id }}" data-framed="{{ json_encode([$shown['right'] - $shown['left'], $shown['bottom'] - $shown['top'], $left, $top, $w, $h]) }}">
    <image href="{{ $picture->small }}" x="{{ $left }}" y="{{ $top }}" width="{{ $w }}" height="{{ $h }}" preserveAspectRatio="none"/>
    <path class="crop-lost" fill-rule="evenodd" data-lost d="M{{ $left }} {{ $top }}h{{ $w }}v{{ $h }}h-{{ $w }}ZM{{ round($left + $shown['left'] * $w, 1) }} {{ round($top + $shown['top'] * $h, 1)
      }}h{{ round(($shown['right'] - $shown['left']) * $w, 1) }}v{{ round(($shown['bottom'] - $shown['top']) * $h, 1) }}h-{{ round(($shown['right'] - $shown['left']) * $w, 1) }}Z"/>
    <rect class="thing-box" x="{{ round($left + $framed->object->left * $w, 1) }}" y="{{ round($top + $framed->object->top * $h, 1) }}"
      width="{{ round(($framed->object->right - $framed->object->left) * $w, 1) }}" height="{{ round(($framed->object->bottom - $framed->object->top) * $h, 1) }}"/>
    <x-focus-mark :$bench :id="$picture->id" :name="$picture->name" :x="$framed->focusX" :y="$framed->focusY" :$left :$top :width="$w" :height="$h"/>
    <text class="figure" x="{{ $left }}" y="{{ $top + 76 }}">{{ Str::limit($picture->name, 15, '…') }}</text>
    <text x="{{ $left }}" y="{{ $top + 88 }}">{{ round(100 * $framed->cut($frame)) }}% cut off<tspan x="{{ $left }}" dy="12">{{
      $framed->isThingCut($frame) ? round(100 * $framed->thingCut($frame)).'% of the thing' : 'thing whole' }}</tspan></text>
  </g>
  @endforeach
</svg>
