@use('App\Workbench\Products\CardDrawing')
@use('Ikat\Core\Grid\CardLines')
@use('Ikat\Core\Setting\Setting')
{{-- A card at true size: what its lines are, in their order, how large they are, and where labels stand. --}}
@php($card = $panel->card()->drawing())
@php($shown = $card->shown())
@php($x = CardDrawing::LEFT + $card->around)
@php($top = CardDrawing::TOP + $card->around)
@php($right = CardDrawing::LEFT + $card->form->card + 8)
@php($order = CardLines::of($look->text('card.order')))
@php($foot = $top + $card->picture - $card->around)
@php($high = CardDrawing::TOP + max($card->height, $card->around + $card->picture + 26 * count($order)) + 8)
@php($marks = array_filter([
    'card.label.inset' => $card->labels === [] || $look->text('card.label.form') === 'tab' ? null : ['labels from the edge', $top],
    'card.space' => ['inner space', $top + 42],
    'card.name.size' => isset($card->lines['name']) ? ['name', $top + $card->picture] : null,
    'card.price.size' => isset($card->lines['price']) ? ['price', $top + $card->picture + 42] : null,
]))
<x-tool id="t-card" title="The card" :note="'on a phone, '.round($card->form->card).' px, at true size'">
<svg class="shelves card-drawing" viewBox="0 0 {{ $card->width() }} {{ round($high, 1) }}" width="{{ $card->width() }}" height="{{ round($high, 1) }}" role="group" data-shelves data-scale="1"
  aria-label="A card at true size: {{ $card->product->name }}">
  <rect class="page" x="{{ CardDrawing::LEFT }}" y="{{ CardDrawing::TOP }}" width="{{ $card->form->card }}" height="{{ $card->height }}"/>
  <svg x="{{ $x }}" y="{{ $top }}" width="{{ $card->inner() }}" height="{{ $card->picture }}" viewBox="0 0 {{ $card->inner() }} {{ $card->picture }}"><rect class="card" data-picture-room
    width="{{ $card->inner() }}" height="{{ $card->picture }}"/>@if ($shown !== null)<image href="{{ $shown->address() }}" width="{{ $card->inner() }}" height="{{ $card->picture }}"
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
  <rect class="block {{ $key === 'button' ? 'is-buy' : '' }}" x="{{ $x }}" y="{{ round(CardDrawing::TOP + $line['y'], 1) }}" width="{{ $card->inner() }}" height="{{ round($line['height'], 1) }}"/>
  <text class="line-words" x="{{ $x + 6 }}" y="{{ round(CardDrawing::TOP + $line['y'] + $line['height'] / 2 + 4, 1) }}">{{ match ($key) {
      'name' => Str::limit($card->product->name, 22, '…'), 'note' => Str::limit($card->product->note, 22, '…'), default => CardLines::ALL[$key],
  } }}</text>
  @endforeach
  <rect class="edge" x="{{ CardDrawing::LEFT }}" y="{{ CardDrawing::TOP }}" width="{{ $card->form->card }}" height="{{ $card->height }}"/>
  <g data-orders="card.order" data-blocks="{{ implode(',', $order) }}" data-each="26">
  @foreach ($order as $n => $key)
  @php($y = round(CardDrawing::TOP + $card->around + $card->picture + 26 * $n, 1))
  @php($line = $card->lines[$key] ?? null)
  @php($said = $line === null ? 'none' : round($line['height']).' px')
  @if ($line !== null)<path class="to-block" d="M{{ CardDrawing::LEFT - 8 }} {{ $y + 11 }}L{{ $x }} {{ round(CardDrawing::TOP + $line['y'] + $line['height'] / 2, 1) }}"/>@endif
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
</x-tool>
