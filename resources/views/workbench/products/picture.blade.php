@use('Ikat\Core\Grid\Proportion')
@use('Ikat\Core\Image\FoundObject')
{{-- One picture in the frame: where the thing stands on it, the point that stays in sight, and its ground. --}}
@php($framed = $picture->framed)
@php($tool = $panel->frame())
@php($frame = $tool->proportion)
@php($best = $tool->best())
@php($thing = $framed->object)
@php([$before, $after] = $tool->beside())
@php($pointed = $tool->pointed())
@php($last = $bench->lastInStoreroom())
<x-tool id="t-frame" title="The frame" :note="Proportion::words($frame).' on every card'">
  <p class="flex flex-wrap items-baseline gap-x-3 text-[12px]">@if ($best !== null && abs($best - $frame) > .004)@if ($edits)<x-edit :$bench :changes="['card.proportion' => $best]"
    :tries="true">{{ Proportion::words($best) }}</x-edit>@else<b>{{ Proportion::words($best) }}</b>@endif <span class="text-ink-2">cuts least: {{ round(100 * $tool->cut($best)) }}% instead of
    {{ round(100 * $tool->cut($frame)) }}% on average, with every picture pointed at its thing.</span>@else<span>No other proportion cuts less.</span>@endif</p>
  @if ($pointed !== [] && $edits)<p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]"><button type="button" class="act" id="point-all" hx-post="{{ $bench->address('storeroom/cells') }}"
    hx-vals="{{ json_encode(['open_kind' => 'pictures', 'here' => 1, 'cells' => json_encode($pointed)]) }}">Point {{ count(array_unique(array_column($pointed, 0))) }} at their things</button>
    <span class="text-ink-2">moves what stays in sight, so that the frame cuts least.</span></p>@endif
  @if ($edits && $last !== null)<p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]"><button type="button" class="act" id="picture-undo" hx-post="{{ $bench->address('storeroom/undo') }}"
    hx-vals="{{ json_encode(['here' => 1]) }}">Undo in the Storeroom</button> <span class="text-ink-2">{{ $last }}. Pictures are everywhere the same.</span></p>@endif
</x-tool>
<x-tool id="t-picture" :title="$picture->name" :note="Proportion::words($framed->proportion).', '.number_format($picture->width).' by '.number_format($picture->height).' px'">
  @php($scale = min(300 / $framed->proportion, 220.0))
  @php([$w, $h] = [round($scale * $framed->proportion, 1), round($scale, 1)])
  @php($shown = $framed->shown($frame))
  @php($at = fn (float $x, float $y): array => [round($x * $w, 1), round($y * $h, 1)])
  @php([$fx, $fy] = $at($shown['left'], $shown['top']))
  @php([$fw, $fh] = $at($shown['right'] - $shown['left'], $shown['bottom'] - $shown['top']))
  @php([$tx, $ty] = $at($thing->left, $thing->top))
  @php([$tw, $th] = $at($thing->right - $thing->left, $thing->bottom - $thing->top))
  <svg class="shelves thing-board" viewBox="-14 -14 {{ $w + 28 }} {{ $h + 28 }}" width="{{ $w + 28 }}" height="{{ $h + 28 }}" role="group" aria-label="Where the thing stands on {{ $picture->name }}"
    data-thing="{{ $picture->id }}" data-stood="{{ $thing->isByHand ? $tool->thingByHand($thing) : '' }}" data-box="{{ json_encode([0, 0, $w, $h]) }}">
    <g data-framed="{{ json_encode([$shown['right'] - $shown['left'], $shown['bottom'] - $shown['top'], 0, 0, $w, $h]) }}"><image href="{{ $picture->small }}" width="{{ $w }}" height="{{ $h }}"
      preserveAspectRatio="none"/><path class="crop-lost" fill-rule="evenodd" data-lost d="M0 0h{{ $w }}v{{ $h }}h-{{ $w }}ZM{{ $fx }} {{ $fy }}h{{ $fw }}v{{ $fh }}h-{{ $fw }}Z"/>
      <rect class="thing-box" x="{{ $tx }}" y="{{ $ty }}" width="{{ $tw }}" height="{{ $th }}"/>
      <x-focus-mark :$bench :id="$picture->id" :name="$picture->name" :x="$framed->focusX" :y="$framed->focusY" :left="0" :top="0" :width="$w" :height="$h" at="bench"/></g>
    @foreach (['left' => [$tx, $ty + $th / 2], 'top' => [$tx + $tw / 2, $ty], 'right' => [$tx + $tw, $ty + $th / 2], 'bottom' => [$tx + $tw / 2, $ty + $th]] as $side => [$x, $y])
    @php($percent = (int) round(100 * $thing->{$side}))
    <g class="thing-side is-{{ $side }}" role="slider" tabindex="0" data-thing-side="{{ $side }}" data-from="{{ 100 * $thing->{$side} }}" aria-label="{{ ucfirst($side) }} side of the thing"
      aria-valuemin="0" aria-valuemax="100" aria-valuenow="{{ $percent }}" aria-valuetext="{{ $percent }}%" @if (! $edits) aria-disabled="true" @endif><rect class="slide-room"
      x="{{ round($x - 12, 1) }}" y="{{ round($y - 12, 1) }}" width="24" height="24"/><rect class="grip" x="{{ round($x - 5, 1) }}" y="{{ round($y - 5, 1) }}" width="10" height="10"/></g>
    @endforeach
  </svg>
  <p class="pt-1 text-[12px]">{{ round(100 * $framed->cut($frame)) }}% of it is cut off{{ $framed->isThingCut($frame) ? ', and '.round(100 * $framed->thingCut($frame)).'% of
    the thing' : ', nothing of the thing' }}.
    <span class="text-ink-2">{{ match (true) { $thing->isByHand => 'Where the thing stands was said by hand.', $thing->isFound => 'Where it stands was found by its pixels: drag a side where
      that is wrong.',
      default => 'Nothing stands out by its pixels, so all of it counts: drag the sides in.' } }}</span></p>
  <p class="flex flex-wrap items-baseline gap-x-4 gap-y-1 pt-1 text-[12px]">
    @if ($edits && $thing->isByHand)<button type="button" class="act" id="thing-away" hx-post="{{ $bench->address('storeroom/cells') }}"
      hx-vals="{{ json_encode(['open_kind' => 'pictures', 'here' => 1, 'record' => $picture->id, 'column' => 'thing', 'value' => '', 'stood' => $tool->thingByHand($thing)]) }}">As its
        pixels say</button>@endif
    @foreach ([['before', $before], ['after', $after]] as [$which, $other])@if ($other !== null)<a class="act" href="{{ $panel->address(['open_picture' => (string) $other->id]) }}"
      hx-get="{{ $panel->address(['open_picture' => (string) $other->id]) }}"
        id="picture-{{ $which }}">{{ $which === 'before' ? '← ' : '' }}{{ Str::limit($other->name, 26, '…') }}{{ $which === 'after' ? ' →' : '' }}</a>@endif @endforeach</p>
</x-tool>
@php($isBack = $tool->hasEarlierFile($picture->id))
@if ($thing->ground !== FoundObject::SCENE || $isBack)
<x-tool id="t-ground" title="Its ground" :note="match ($thing->ground) { FoundObject::CLEAR => 'none: it stands on that of the card', FoundObject::FLAT => 'one color', default => 'a scene' }">
  @if ($thing->ground === FoundObject::FLAT && $edits)
  <div class="flex items-start gap-3 text-[12px]"><img class="ground-away" src="{{ $bench->address("storeroom/pictures/$picture->id/ground") }}" alt="{{ $picture->name }} without
    its ground" width="150"
    height="{{ round(150 / $framed->proportion) }}"><p class="grid gap-1"><span>The color at its edges{{ $thing->color === null ? '' : " ($thing->color)" }} can be taken away. It then
      stands on the ground of the card.</span>
    <button type="button" class="act justify-self-start" id="ground-away" hx-post="{{ $bench->address("storeroom/pictures/$picture->id/ground") }}"
      hx-vals="{{ json_encode(['here' => 1]) }}">Take the ground away</button></p></div>
  @elseif ($thing->ground === FoundObject::CLEAR && $edits)
  @foreach (['card.ground' => 'On', 'card.shadow' => 'Shadow'] as $path => $word)
  <p class="flex flex-wrap items-baseline gap-x-3 text-[12px]" role="group" aria-label="{{ $bench->setting($path)->label }}"><span class="text-ink-2">{{ $word }}</span>
    @foreach ($bench->choicesOf($bench->setting($path), $look->text($path)) as $value => $words)
    @if ((string) $value === $look->text($path))<b>{{ $words }}</b>@else<x-edit :$bench :changes="[$path => (string) $value]" :tries="true">{{ $words }}</x-edit>@endif @endforeach</p>
  @endforeach
  @endif
  @if ($edits && $isBack)<p class="pt-1 text-[12px]"><button type="button" class="act" id="ground-back" hx-post="{{ $bench->address("storeroom/pictures/$picture->id/back") }}"
    hx-vals="{{ json_encode(['here' => 1]) }}">Bring the earlier file back</button></p>@endif
</x-tool>
@endif
