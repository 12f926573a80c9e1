@use('App\Storefront\CardKinds')
@use('App\Workbench\Products\CardDrawing')
@use('Ikat\Core\Grid\CardLines')
@use('Ikat\Core\Grid\CardStand')
@use('Ikat\Core\Setting\Setting')
{{-- A card at true size: what its lines are, in their order, how large they are, and where labels stand. --}}
@php($tool = $panel->card())
@php($card = $tool->drawing())
@php($isSplit = $card->words < $card->form->card - 2 * $card->around)
@php($shown = $card->shown())
@php($x = CardDrawing::LEFT + $card->around)
@php($top = CardDrawing::TOP + $card->around)
@php($plates = $isSplit ? CardDrawing::TOP : $top + $card->picture)
@php($wordsAt = CardDrawing::LEFT + $card->wordsLeft)
@php($right = CardDrawing::LEFT + $card->form->card + 8)
@php($order = CardLines::of($look->text('card.order')))
@php($high = max(CardDrawing::TOP + $card->height, $plates + 26 * count($order), $top + ($isSplit ? 172 : $card->picture + 78)) + 8)
@php($marks = array_filter([
    'card.label.inset' => $card->labels === [] || $look->text('card.label.form') === 'tab' ? null : ['labels from the edge', $top],
    'card.space' => ['inner space', $top + 42],
    'card.name.size' => isset($card->lines['name']) ? ['name', $top + ($isSplit ? 84 : $card->picture)] : null,
    'card.price.size' => isset($card->lines['price']) ? ['price', $top + ($isSplit ? 126 : $card->picture + 42)] : null,
]))
<x-tool id="t-card" title="The card" :note="'on a '.$tool->device().', '.round($card->form->card).' px, at true size'">
<svg class="shelves card-drawing" viewBox="0 0 {{ $card->width() }} {{ round($high, 1) }}" width="{{ $card->width() }}" height="{{ round($high, 1) }}" role="group" data-shelves data-scale="1"
  aria-label="A card at true size: {{ $card->product->name }}">
  <rect class="page" x="{{ CardDrawing::LEFT }}" y="{{ CardDrawing::TOP }}" width="{{ $card->form->card }}" height="{{ $card->height }}"/>
  <svg x="{{ $x }}" y="{{ $top }}" width="{{ $card->inner }}" height="{{ $card->picture }}" viewBox="0 0 {{ $card->inner }} {{ $card->picture }}"><rect class="card" data-picture-room
    width="{{ $card->inner }}" height="{{ $card->picture }}"/>@if ($shown !== null)<image href="{{ $shown->address() }}" width="{{ $card->inner }}" height="{{ $card->picture }}"
    preserveAspectRatio="xMidYMid slice"/>@endif</svg>
  @if ($card->labels !== [])
  @php([$across, $down] = [$look->text('card.label.across'), $look->text('card.label.down')])
  <g class="card-labels" id="card-labels" data-labels data-across="{{ $across }}" data-down="{{ $down }}" @if ($edits) role="button" tabindex="0" @else role="img" @endif
    aria-label="{{ implode(', ', array_column($card->labels, 'words')) }}: labels at the {{ $down === 'top' ? 'top' : 'bottom' }} {{ $across === 'start' ? 'left' : 'right' }}">
    @foreach ($card->labels as $label)
    @php([$lx, $ly, $lw, $lh] = $label['box'])
    <rect x="{{ round($x + $lx, 1) }}" y="{{ round($top + $ly, 1) }}" width="{{ round($lw, 1) }}" height="{{ round($lh, 1) }}" rx="{{ match ($look->text('card.label.form')) {
        'pill' => round($lh / 2, 1), 'all' => min(round($lh / 2, 1), (float) $look->value('shape.radius')), default => 0,
    } }}"/><text x="{{ round($x + $lx + $lw / 2, 1) }}" y="{{ round($top + $ly + $lh / 2 + 4, 1) }}" text-anchor="middle">{{ $label['words'] }}</text>
    @endforeach
  </g>
  @endif
  @foreach ($card->lines as $key => $line)
  <rect class="block {{ $key === 'button' ? 'is-buy' : '' }}" x="{{ $wordsAt }}" y="{{ round(CardDrawing::TOP + $line['y'], 1) }}" width="{{ round($card->words, 1) }}"
    height="{{ round($line['height'], 1) }}"/>
  <text class="line-words" x="{{ $wordsAt + 6 }}" y="{{ round(CardDrawing::TOP + $line['y'] + $line['height'] / 2 + 4, 1) }}">{{ match ($key) {
      'name' => Str::limit($card->product->name, 22, '…'), 'note' => Str::limit($card->product->note, 22, '…'), default => CardLines::ALL[$key],
  } }}</text>
  @endforeach
  <rect class="edge" x="{{ CardDrawing::LEFT }}" y="{{ CardDrawing::TOP }}" width="{{ $card->form->card }}" height="{{ $card->height }}"/>
  <g data-orders="card.order" data-blocks="{{ implode(',', $order) }}" data-each="26">
  @foreach ($order as $n => $key)
  @php($y = round($plates + 26 * $n, 1))
  @php($line = $card->lines[$key] ?? null)
  @php($said = $line === null ? 'none' : round($line['height']).' px')
  @if ($line !== null)<path class="to-block" d="M{{ CardDrawing::LEFT - 8 }} {{ $y + 11 }}L{{ $wordsAt }} {{ round(CardDrawing::TOP + $line['y'] + $line['height'] / 2, 1) }}"/>@endif
  <g @class(['block-plate', 'is-away' => $line === null]) id="card-line-{{ $key }}" data-block="{{ $key }}" @if ($edits) role="button" tabindex="{{ $n === 0 ? 0 : -1 }}" @else role="img" @endif
    aria-label="{{ CardLines::ALL[$key] }} {{ $said }}, {{ $n + 1 }} of {{ count($order) }}"><rect x="0" y="{{ $y }}" width="{{ CardDrawing::LEFT - 8 }}" height="23"/><text x="6"
    y="{{ $y + 16 }}">{{ CardLines::ALL[$key] }}</text>
    <text class="tall" x="{{ CardDrawing::LEFT - 13 }}" y="{{ $y + 16 }}" text-anchor="end">{{ $said }}</text></g>
  @endforeach
  </g>
  @foreach ($marks as $path => [$words, $y])
  <x-slide :$bench :$path kind="letters"><rect class="slide-room" x="{{ $right }}" y="{{ round($y, 1) }}" width="74" height="36"/><text x="{{ $right + 3 }}"
    y="{{ round($y + 11, 1) }}">{{ $words === 'labels from the edge' ? 'label, edge' : $words }}</text><rect class="slide-plate is-quiet" x="{{ $right + 3 }}" y="{{ round($y + 16, 1) }}" width="44"
    height="17"/><text class="slide-words is-quiet" x="{{ $right + 25 }}" y="{{ round($y + 29, 1) }}" text-anchor="middle">{{ Setting::plainNumber((float) $look->value($path)) }}</text></x-slide>
  @endforeach
</svg>
@if ($edits)<p class="pt-1 text-[12px]">Drag the labels to a corner, the lines into their order, a figure to another size; or use the arrow keys, with Alt for the order.</p>@endif
@if (($look->text('grid.arrange') ?: 'tiles') === 'tiles')
@php($stand = $look->text('card.stand'))
<p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]" role="group" aria-label="Where its words stand"><span>Words:</span> @foreach (CardStand::WAYS as $way => $words)
  @if ($way === $stand)<b>{{ $words }}</b>@elseif ($edits)<x-edit :$bench :changes="['card.stand' => $way]" :tries="true">{{ $words }}</x-edit>@endif @endforeach
  @if ($stand === 'beside')<span class="text-ink-2">@php($split = array_filter($tool->splits())){{ $split === [] ? 'No screen has room for it: a card
    needs '.round(CardStand::ROOM).' px within.' : 'There is
    room on a '.implode(' and a ', array_keys($split)).'.' }}</span>@endif</p>
@endif
</x-tool>
@php($kinds = $tool->kinds())
@php($tallest = max(array_map(fn ($kind) => $kind->height, $kinds)))
@php($cutNames = count(array_filter($kinds, fn ($kind) => $kind->isNameCut)))
<x-tool id="t-kinds" title="All it has to hold" :note="'on a '.$tool->device().', from '.round(min(array_map(fn ($kind) => $kind->height, $kinds))).' to '.round($tallest).' px tall'">
<ul class="card-kinds">
  @foreach ($kinds as $kind => $each)
  @php($scale = 62 / $each->form->card)
  @php($px = fn (float $length): float => round($length * $scale, 1))
  <li><a href="{{ $panel->address(['open_card' => $kind]) }}" hx-get="{{ $panel->address(['open_card' => $kind]) }}" id="kind-{{ $kind }}" @if ($kind === $tool->open()) aria-current="true" @endif>
    <svg class="shelves" viewBox="0 0 62 {{ $px($tallest) }}" width="62" height="{{ $px($tallest) }}" aria-hidden="true"><rect class="page" width="62" height="{{ $px($each->height) }}"/>
      <svg x="{{ $px($each->around) }}" y="{{ $px($each->around) }}" width="{{ $px($each->inner) }}" height="{{ $px($each->picture) }}"><rect class="card" width="100%"
        height="100%"/>@if ($each->shown()
        !== null)<image href="{{ $each->shown()->smallest() }}" width="100%" height="100%" preserveAspectRatio="xMidYMid slice"/>@endif</svg>
      @foreach ($each->labels as $label)<rect class="mini-label" x="{{ $px($each->around + $label['box'][0]) }}" y="{{ $px($each->around + $label['box'][1]) }}" width="{{ $px($label['box'][2]) }}"
        height="{{ $px($label['box'][3]) }}"/>@endforeach
      @foreach ($each->lines as $key => $line)
      @if ($key === 'name')
      @php($tall = $line['height'] / max(1, $each->nameLines))
      @for ($n = 0; $n < $each->nameLines; $n++)<rect @class(['name', 'is-cut' => $each->isNameCut && $n === $each->nameLines - 1]) x="{{ $px($each->wordsLeft) }}"
        y="{{ $px($line['y'] + $tall * ($n + .4)) }}"
        width="{{ $px($each->words * ($n === $each->nameLines - 1 && ! $each->isNameCut ? .6 : .94)) }}" height="{{ $px($tall * .42) }}"/>@endfor
      @else<rect class="{{ match ($key) { 'price' => 'cost', 'button' => 'block is-buy', 'rating' => 'stars', default => 'note' } }}" x="{{ $px($each->wordsLeft) }}"
        y="{{ $px($line['y'] + $line['height'] * ($key === 'button' ? .2 : .35)) }}" width="{{ $px($each->words * ($key === 'button' ? 1 : .5)) }}"
          height="{{ $px($line['height'] * ($key === 'button' ? .8
          : .4)) }}"/>@endif
      @endforeach
      <rect class="edge" x=".5" y=".5" width="61" height="{{ $px($each->height) - 1 }}"/></svg>
    <span class="act">{{ ucfirst(CardKinds::WORDS[$kind]) }}</span></a> <span class="text-ink-2">{{ round($each->height) }} px{{ $each->isNameCut ? ', cut' : '' }}</span></li>
  @endforeach
</ul>
<p class="pt-1 text-[12px] text-ink-2">{{ $cutNames === 0 ? 'Every name is shown whole.' : $cutNames.' of these names '.($cutNames === 1 ? 'is' : 'are').' cut.' }} A row is as tall as its
  tallest card.</p>
</x-tool>
@include('workbench.products.pointing')
