@use('App\Workbench\Header\RiverDrawing')
@use('Ikat\Core\Header\Arrangement')
@use('Ikat\Core\Header\HeaderSolver')
@use('Ikat\Core\Setting\Setting')
@php($river = $panel->river())
@php($top = $panel->top())
@php($header = $top->header)
@php($edits = $bench->edits())
@php($bottom = $river->height())
@php($folds = $header->foldsUpTo())
@php($fits = $header->fitsFrom())
@php($x = fn (float $width): float => RiverDrawing::x($width))
@php($names = ['announcement' => 'announcement', 'utility' => 'utility strip', 'header' => 'header'])
@php($roles = ['announcement' => 'link', 'utility' => 'ink', 'header' => 'ink'])
@php($at = $top->at($panel->at))
@if (! $panel->isKnown())<p class="py-2">The fonts were not unpacked, so nothing can be measured. Run <code>./ikat start</code>, which unpacks them.</p>@else
@if ($panel->languages() !== [])
<p class="flex flex-wrap items-baseline gap-x-4 text-[12px]/6" role="group" aria-label="Languages">@foreach ($panel->languages() as $code => $language)<span><a
  @class(['act', 'chosen px-1 no-underline' => $code === $panel->language]) href="{{ $panel->address(['open_language' => $code]) }}" hx-get="{{ $panel->address(['open_language' => $code]) }}"
  @if ($code === $panel->language) aria-current="true" @endif>{{ $language['name'] }}</a> <span class="text-ink-2">{{ $language['fits'] === null
    ? 'fits on no screen' : 'fits from '.number_format($language['fits']) }}</span></span>@endforeach</p>
@endif
<svg class="river" data-speaks="{{ $panel->language }}" viewBox="0 0 {{ RiverDrawing::WIDTH }} {{ $bottom }}" width="{{ RiverDrawing::WIDTH }}" height="{{ $bottom }}" role="group" data-river
  data-left="{{ RiverDrawing::LEFT }}" data-right="{{ RiverDrawing::RIGHT }}" data-narrowest="{{ HeaderSolver::NARROWEST }}" data-widest="{{ HeaderSolver::WIDEST }}" data-scale="{{ $river->scale }}"
  data-fits="{{ $fits }}" data-place="{{ $panel->address(['open_at' => '']) }}" aria-label="Height of the top of the page at every width of a screen">
  <defs><pattern id="river-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="hatch" d="M0 0V6"/></pattern></defs>
  @foreach ([320, 390, 768, 1024, 1280, 1440, 1600, 1920] as $width)
  <path class="axis" d="M{{ $x($width) }} {{ RiverDrawing::TOP - 4 }}V{{ $bottom }}"/>
  <text x="{{ $x($width) }}" y="{{ RiverDrawing::TOP - 8 }}" text-anchor="middle" @class(['is-now' => $width === $panel->at])>{{ number_format($width) }}</text>
  @endforeach
  @php($y = RiverDrawing::TOP)
  @foreach ($river->streams() as $name => $path)
  @php([$ground, $ink] = $panel->colors($name, 'ink'))
  @if ($path !== '')<path class="stream" d="{{ $path }}" fill="{{ $ground }}"/>@endif
  @endforeach
  @foreach ($river->blocks() as $block)
  @php([$ground, $ink] = $panel->colors($block['stream'], ['logo' => 'heading', 'announcement' => 'link', 'menu' => 'menu', 'second' => 'menu'][$block['part']] ?? 'ink'))
  @if ($block['path'] !== '')<path @class(['block', 'is-picked' => $block['part'] === $panel->piece]) d="{{ $block['path'] }}" fill="{{ $ink }}"><title>{{ $block['words'] }}</title></path>@endif
  @endforeach
  @php($unfolded = $river->unfolded($header))
  @if ($unfolded !== '')<path class="unfolded" d="{{ $unfolded }}"/>@endif
  @if ($fits === null || $fits > HeaderSolver::NARROWEST)
  @php($until = $x($fits ?? HeaderSolver::WIDEST))
  <rect class="too-narrow" x="{{ RiverDrawing::LEFT }}" y="{{ $bottom - 6 }}" width="{{ $until - RiverDrawing::LEFT }}" height="6"
    fill="url(#river-hatch)"><title>The menu’s words do not fit beside the rest on
    screens narrower than {{ $fits ?? 'any' }} px</title></rect>
  @endif
  @foreach ($at['streams'] as $stream)
  @php($last = $top->at(HeaderSolver::WIDEST)['streams'][$loop->index])
  @if ($last['height'] > 0)<text class="stream-name" x="{{ RiverDrawing::RIGHT + 6 }}" y="{{ $river->y($last['y'] + $last['height'] / 2) + 4 }}"><tspan
    class="figure">{{ round($last['height']) }}</tspan>
    {{ $stream['name'] === 'utility' ? 'strip' : ($stream['name'] === 'announcement' ? 'bar' : 'header') }}</text>@endif
  @endforeach
  {{-- What the height is the sum of, at the width that is looked at. --}}
  @php($y = 0.0)
  @php($shown = -20.0)
  <g role="group" aria-label="What the height at {{ $panel->at }} px is the sum of" data-drawing>
  @foreach ($panel->causes() as $cause)
  @php([$ground, $ink] = $panel->colors($cause['stream'], $roles[$cause['stream']]))
  @php($begins = $river->y($y))
  @php($tall = max(1, $cause['px'] * $river->scale))
  @php($middle = max($shown + 13, $begins + $tall / 2 + 4))
  @php($shown = $middle)
  @php($slides = $edits && $cause['type'] !== null)
  <g @class(['cause', 'slides' => $slides]) @if ($slides) role="slider" tabindex="0" data-path="{{ $cause['path'] }}" data-live="{{ $bench->setting($cause['path'])->property() }}"
    data-least="{{ $cause['type']->min }}" data-most="{{ $cause['type']->max }}" data-step="{{ $cause['type']->increment }}" data-unit="px" aria-orientation="vertical"
    aria-label="{{ ucfirst($names[$cause['stream']]) }}: {{ $cause['what'] }}" aria-valuemin="{{ $cause['type']->min }}" aria-valuemax="{{ $cause['type']->max }}"
    aria-valuenow="{{ $bench->inspection()->look->value($cause['path']) }}"
    aria-valuetext="{{ Setting::plainNumber($bench->inspection()->look->value($cause['path'])) }} px" @endif>
    <rect class="cause-ground" x="118" y="{{ $begins }}" width="22" height="{{ $tall }}" fill="{{ $ground }}"/>
    @if (! str_starts_with($cause['what'], 'space'))<rect class="cause-mark" x="123" y="{{ $begins + 1 }}" width="12" height="{{ max(0.5, $tall - 2) }}" fill="{{ $ink }}"/>@endif
    <path class="cause-edge" d="M118 {{ $begins + $tall }}H140"/>
    <text x="112" y="{{ $middle }}" text-anchor="end"><tspan>{{ $cause['what'] }}</tspan> <tspan class="figure">{{ Setting::plainNumber(round($cause['px'], 1)) }}</tspan></text>
    <rect class="cause-room" x="2" y="{{ $begins + $tall / 2 - max(6, $tall / 2) }}" width="140" height="{{ max(12, $tall) }}"/>
  </g>
  @php($y += $cause['px'])
  @endforeach
  </g>
  {{-- What is taken hold of is the plate alone: a line as tall as the drawing has no middle that could be reached on a small screen. --}}
  @if ($folds !== INF)
  <g class="fold-mark" data-mover transform="translate({{ $x(min(HeaderSolver::WIDEST, $folds + 1)) }} 0)">
    <path class="fold-line" d="M0 {{ RiverDrawing::TOP - 2 }}V{{ $bottom }}"/>
    <g class="hold" role="slider" tabindex="0" data-fold data-at="{{ $folds + 1 }}" aria-label="The menu folds away below" aria-valuemin="{{ HeaderSolver::NARROWEST }}"
      aria-valuemax="{{ HeaderSolver::WIDEST }}" aria-valuenow="{{ $folds + 1 }}" aria-valuetext="{{ $folds + 1 }} px" @if (! $edits) aria-disabled="true" @endif>
      <rect class="hold-room" x="-44" y="{{ $bottom - 25 }}" width="88" height="24"/><rect class="fold-plate" x="-44" y="{{ $bottom - 21 }}" width="88" height="17"/><text class="fold-words" x="0"
        y="{{ $bottom - 9 }}" text-anchor="middle">folds at {{ number_format($folds + 1) }}</text></g></g>
  @endif
  <g class="cursor" data-mover transform="translate({{ $x($panel->at) }} 0)">
    <path class="cursor-line" d="M0 14V{{ $bottom }}"/>
    <g class="hold" role="slider" tabindex="0" data-cursor aria-label="Width of the screen that is looked at" aria-valuemin="{{ HeaderSolver::NARROWEST }}"
      aria-valuemax="{{ HeaderSolver::WIDEST }}" aria-valuenow="{{ $panel->at }}" aria-valuetext="{{ $panel->at }} px: {{ round($at['height']) }} px tall">
      <rect class="hold-room" x="-22" y="0" width="44" height="24"/><rect class="cursor-plate" x="-22" y="0" width="44" height="16"/><text class="cursor-words" x="0" y="12"
        text-anchor="middle">{{ number_format($panel->at) }}</text></g></g>
</svg>
@include('workbench.header.plan')
@endif
