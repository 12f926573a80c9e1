@use('Ikat\Core\Contrast\ContrastFinding')
@php($x = round($left + array_search($cell->column, $table->columns, true) * $wide + 1, 1))
@php($plateWidth = round($wide - 2, 1))
@php($grounds = $palette->extremes($cell->set, $cell->ground))
@php($ratio = ContrastFinding::ratioText($cell->ratio))
@php($told = $cell->target === 0.0 ? 'nothing asked' : ($cell->severity === null ? 'holds' : 'too faint').', needs '.ContrastFinding::ratioText($cell->target))
@php($isOpen = $opened?->key() === $cell->key())
@php($query = ['open_part' => 'pairs', 'shown' => $panel->shown, 'open_pair' => $key])
<g @class(['pair-at', 'is-open' => $isOpen, 'is-worn' => $cell->places !== [], 'fails-'.$cell->severity?->value => $cell->severity !== null]) role="button"
  tabindex="{{ $isOpen || ($opened === null && $isFirst) ? 0 : -1 }}" aria-label="{{ $cell->title() }}, {{ $ratio }} to 1 in {{ $panel->nameOf($cell->set) }}: {{ $told }}"
  aria-pressed="{{ $isOpen ? 'true' : 'false' }}"
  data-mark data-pair="{{ $key }}" data-states="{{ implode(' ', $cell->states) }}" data-press-keys data-walk-url="{{ $bench->address('pair') }}?{{ http_build_query($query) }}"
  hx-get="{{ $bench->address('colors') }}?{{ http_build_query([...$query, 'open_scheme' => $cell->set->scheme, 'open_path' => $panel->selected]) }}">
  <title>{{ $cell->title() }}: {{ $ratio }} : 1</title>
  @foreach ($grounds as $g => $color)<rect x="{{ $x }}" y="{{ $y - 8 + $g * 8 }}" width="15" height="{{ count($grounds) === 1 ? 16 : 8 }}" fill="{{ $color->hex() }}"/>@endforeach
  <use href="#dia-stop" x="{{ $x + 2 }}" y="{{ $y - 5.5 }}" width="11" height="11" color="{{ $palette->color($cell->set, $cell->ink)->hex() }}"/>
  <rect class="ratio-plate" x="{{ $x + 15 }}" y="{{ $y - 8 }}" width="{{ $plateWidth - 15 }}" height="16"/>
  <text class="ratio" x="{{ round($x + 15 + ($plateWidth - 15) / 2, 1) }}" y="{{ $y + 4 }}" text-anchor="middle">{{ $cell->ratio >= 10 ? floor($cell->ratio) : $ratio }}</text>
</g>
