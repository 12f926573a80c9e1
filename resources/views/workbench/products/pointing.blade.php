@use('App\Pictures\ShopPicture')
{{-- What a card does when it is pointed at, and what a screen gets on which nothing points. --}}
@php($two = $tool->twoPictures())
@php($pictures = $two === null ? array_filter([$tool->drawing()?->shown()]) : ShopPicture::ofProduct($two))
@php($second = $pictures[1] ?? null)
@php($all = $panel->stock->products)
@php($isGlow = $look->text('shape.pointed') === 'glow')
@php($rises = $look->text('shape.pointed') === 'rise')
@php($touch = $look->text('card.touch'))
@php($hover = $look->text('card.hover'))
@php($high = round(112 / max(.4, (float) $look->value('card.proportion'))))
@php($shows = fn (?ShopPicture $picture): string => $picture?->smallest() ?? '')
<x-tool id="t-pointing" title="Pointed at, and touched" :note="$tool->withSecond().' of '.number_format($all).' have a second picture'">
<svg class="shelves pointing" viewBox="0 0 400 {{ $high + 34 }}" width="400" height="{{ $high + 34 }}" role="img" aria-label="A card at rest, pointed at, and on a touch screen">
  @foreach (['rest' => 'At rest', 'pointed' => 'Pointed at', 'touch' => 'On a touch screen'] as $when => $words)
  @php($x = 4 + 138 * $loop->index)
  @php($y = $when === 'pointed' && $rises ? 20 : 24)
  <text class="device" x="{{ $x }}" y="12">{{ $words }}</text>
  @if ($when === 'pointed' && $isGlow)<rect class="glow" x="{{ $x - 3 }}" y="{{ $y - 3 }}" width="118" height="{{ $high + 6 }}"/>@endif
  @if ($when === 'pointed' && $rises)<path class="rise" d="M{{ $x }} {{ $y + $high + 5 }}h112"/>@endif
  <svg x="{{ $x }}" y="{{ $y }}" width="112" height="{{ $high }}" viewBox="0 0 112 {{ $high }}"><rect class="card" width="112" height="{{ $high }}"/>
    @if ($when === 'pointed' && $hover === 'closer')<image href="{{ $shows($pictures[0] ?? null) }}" x="-3.400" y="{{ -.03 * $high }}" width="118.700" height="{{ 1.06 * $high }}"
      preserveAspectRatio="xMidYMid slice"/>
    @else<image href="{{ $shows(($when === 'pointed' && $hover === 'second') || ($when === 'touch' && $touch === 'passing') ? $second : $pictures[0] ?? null) }}" width="112" height="{{ $high }}"
      preserveAspectRatio="xMidYMid slice"/>@endif
    @if ($when === 'touch' && $touch === 'small' && $second !== null)<svg x="70" y="{{ $look->text('card.label.down') === 'bottom' ? 4 : $high - 42 }}" width="38"
      height="38"><image href="{{ $shows($second) }}" width="38"
      height="38" preserveAspectRatio="xMidYMid slice"/><rect class="small-edge" x=".500" y=".500" width="37" height="37"/></svg>@endif</svg>
  @endforeach
</svg>
@foreach (['card.hover' => 'Pointed at', 'shape.pointed' => 'and the card itself', 'shape.motion' => 'how fast', 'card.touch' => 'On a touch screen'] as $path => $words)
<p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]" role="group" aria-label="{{ ucfirst($words) }}"><span>{{ $words }}:</span>
  @foreach ($bench->choicesOf($bench->setting($path), $look->text($path)) as $value => $choice)
  @if ((string) $value === $look->text($path))<b>{{ $choice }}</b>@elseif ($edits)<x-edit :$bench :changes="[$path => (string) $value]" :tries="true">{{ $choice }}</x-edit>@endif @endforeach</p>
@endforeach
<p class="pt-1 text-[12px] text-ink-2">{{ match (true) {
    $tool->withSecond() === 0 => 'No product has a second picture: what shows one does nothing yet.',
    $hover === 'second' && $touch === 'nothing' => 'A finger does not point: on a touch screen the second picture is never seen.',
    default => 'Where less motion is asked for, nothing rises, and nothing shows by passing.',
} }}</p>
</x-tool>
