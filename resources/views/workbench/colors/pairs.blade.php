@php($table = $panel->table())
@php($single = Ikat\Core\Setting\ColorSet::tryNamed($panel->shown))
@php($palette = $input->get(Ikat\Core\Contrast\SchemeColors::class))
@php($name = fn (string $role): string => Ikat\Core\Contrast\RolePair::name($role))
@php($isOwn = fn (string $ink, string $ground): bool => $ink === Ikat\Core\Contrast\SchemeColors::source($ground).'-ink')
@php($rows = array_values(array_filter($table->inks, fn ($ink) => array_filter($table->cells, fn ($k) => $k->ink === $ink && ! $isOwn($ink, $k->ground)) !== [])))
@php($hasOwn = array_filter($table->cells, fn ($k) => $isOwn($k->ink, $k->ground)) !== [])
@php($columns = count($table->columns))
@php($isAll = in_array($panel->shown, ['all', 'dark'], true))
@php($thread = fn (string $column): string => str_contains($column, '@') ? $theme->schemes[Ikat\Core\Setting\ColorSet::tryNamed(explode('@', $column)[1])->scheme] : (str_ends_with($column, '-hover') ? 'pointed at' : ($column === Ikat\Core\Contrast\SchemeColors::OVER ? 'picture' : $name($column))))
@php($left = 84)
@php($wide = $columns === 0 ? 26 : min(30, (400 - $left) / $columns))
@php($top = 88)
@php($tall = 25)
@php($height = $top + $tall * (count($rows) + ($hasOwn ? 1 : 0)) + 8)
@php($opened = $panel->openCell())
@php($states = [])
@foreach ($table->cells as $cell)@foreach ($cell->states as $state)@php($states[$state] = ($states[$state] ?? 0) + 1)@endforeach @endforeach
@php($stateWords = ['plain' => 'plain', 'hover' => 'pointed at', 'focus' => 'with focus', 'active' => 'pressed', 'target' => 'opened', 'selected' => 'selected', 'error' => 'with a mistake', 'visited' => 'visited', 'disabled' => 'disabled'])
<div class="pair-table-head">
  <label>Scheme <select class="entry" name="shown" hx-get="{{ $bench->address('colors') }}?open_part=pairs" hx-trigger="change">
    <option value="all" @selected($panel->shown === 'all')>all of them</option>@if ($panel->hasDark())<option value="dark" @selected($panel->shown === 'dark')>all of them in the dark</option>@endif
    @foreach (Ikat\Core\Contrast\SchemeColors::sets($input->look, $theme) as $set)<option value="{{ $set->name }}" @selected($single?->name === $set->name)>{{ $theme->schemes[$set->scheme] }}{{ $set->isDark ? ' in the dark' : '' }}</option>@endforeach
  </select></label>
  <div class="state-row" role="group" aria-label="Show a state">@foreach (Ikat\Core\Contrast\RolePair::STATES as $state)@isset($states[$state])<button type="button" class="act" data-pair-state="{{ $state }}" aria-pressed="false">{{ $stateWords[$state] }} {{ $states[$state] }}</button>@endisset @endforeach</div>
</div>
<svg class="draw pair-table" viewBox="0 0 398 {{ $height }}" role="group" aria-label="{{ count($table->cells) }} pairs: grounds across, inks down. The arrow keys go from pair to pair." data-pair-table>
  @foreach ($table->columns as $i => $column)
  @php([$ground, $named] = explode('@', $column) + [1 => ''])
  @php($of = Ikat\Core\Setting\ColorSet::tryNamed($named) ?? $single)
  @php($x = round($left + $i * $wide, 1))
  <text class="column-name" x="{{ $x + $wide / 2 + 3 }}" y="{{ $top - 6 }}" transform="rotate(-62 {{ $x + $wide / 2 + 3 }} {{ $top - 6 }})">{{ $thread($column) }}</text>
  @if ($of !== null)
  @php($colors = array_values($palette->ground($of, $ground)))
  @php($bands = min(12, count($colors)))
  @for ($b = 0; $b < $bands; $b++)<rect class="column" x="{{ $x + 1 }}" y="{{ round($top + $b * ($height - $top - 4) / $bands, 1) }}" width="{{ round($wide - 2, 1) }}" height="{{ round(($height - $top - 4) / $bands + 0.5, 1) }}" fill="{{ $colors[intdiv($b * count($colors), $bands)]->hex() }}"/>@endfor
  @else<rect class="column is-undyed" x="{{ $x + 1 }}" y="{{ $top }}" width="{{ round($wide - 2, 1) }}" height="{{ $height - $top - 4 }}"/>@endif
  @endforeach
  @foreach ([...$rows, ...($hasOwn ? [''] : [])] as $r => $ink)
  @php($y = $top + $r * $tall + 8)
  <text class="row-name" x="{{ $left - 6 }}" y="{{ $y + 4 }}" text-anchor="end">{{ $ink === '' ? 'its own ink' : $name($ink) }}</text>
  @php($crossed = array_filter($table->cells, fn ($k) => $ink === '' ? $isOwn($k->ink, $k->ground) : $k->ink === $ink && ! $isOwn($ink, $k->ground)))
  @if ($ink !== '')@php($last = max(array_map(fn ($k) => array_search($k->column, $table->columns, true), $crossed)))<path class="row-line" d="M{{ $left - 3 }} {{ $y }}H{{ round($left + $last * $wide + $wide / 2, 1) }}" @if ($single !== null) stroke="{{ $palette->color($single, $ink)->hex() }}" @else stroke="currentColor" @endif/>@endif
  @foreach ($crossed as $key => $cell)
  @php($x = round($left + array_search($cell->column, $table->columns, true) * $wide + 1, 1))
  @php($grounds = $palette->extremes($cell->set, $cell->ground))
  @php($inkColor = $palette->color($cell->set, $cell->ink)->hex())
  @php($where = $theme->schemes[$cell->set->scheme].($cell->set->isDark ? ' in the dark' : ''))
  @php($told = $cell->target === 0.0 ? 'nothing asked' : ($cell->severity === null ? 'holds, needs '.Ikat\Core\Contrast\ContrastFinding::ratioText($cell->target) : 'too faint, needs '.Ikat\Core\Contrast\ContrastFinding::ratioText($cell->target)))
  <g @class(['pair-at', 'is-open' => $opened?->key() === $cell->key(), 'is-worn' => $cell->places !== [], 'fails-'.$cell->severity?->value => $cell->severity !== null]) role="button" tabindex="{{ $opened?->key() === $cell->key() || ($opened === null && $loop->first && $loop->parent->first) ? 0 : -1 }}" aria-label="{{ $cell->title() }}, {{ Ikat\Core\Contrast\ContrastFinding::ratioText($cell->ratio) }} to 1 in {{ $where }}: {{ $told }}" aria-pressed="{{ $opened?->key() === $cell->key() ? 'true' : 'false' }}" data-pair="{{ $key }}" data-states="{{ implode(' ', $cell->states) }}" data-press-keys data-walk-url="{{ $bench->address('pair') }}?open_part=pairs&amp;shown={{ $panel->shown }}&amp;open_pair={{ urlencode($key) }}" hx-get="{{ $bench->address('colors') }}?open_part=pairs&amp;shown={{ $panel->shown }}&amp;open_pair={{ urlencode($key) }}&amp;open_scheme={{ $cell->set->scheme }}&amp;open_path={{ urlencode($panel->selected) }}">
    <title>{{ $cell->title() }}: {{ Ikat\Core\Contrast\ContrastFinding::ratioText($cell->ratio) }} : 1</title>
    @foreach ($grounds as $g => $color)<rect x="{{ $x }}" y="{{ $y - 6 + $g * 6 }}" width="{{ round($wide - 2, 1) }}" height="{{ count($grounds) === 1 ? 12 : 6 }}" fill="{{ $color->hex() }}"/>@endforeach
    <use href="#dia-stop" x="{{ round($x + $wide / 2 - 6.5, 1) }}" y="{{ $y - 5.5 }}" width="11" height="11" color="{{ $inkColor }}"/>
    <rect class="ratio-plate" x="{{ $x }}" y="{{ $y + 6 }}" width="{{ round($wide - 2, 1) }}" height="11"/>
    <text class="ratio" x="{{ round($x + $wide / 2 - 1, 1) }}" y="{{ $y + 15 }}" text-anchor="middle">{{ $cell->ratio >= 10 ? floor($cell->ratio) : Ikat\Core\Contrast\ContrastFinding::ratioText($cell->ratio) }}</text>
  </g>
  @endforeach
  @endforeach
</svg>
<p class="pair-table-legend"><span><i class="plate-stop">3.1</i> too faint, stops a publish</span><span><i class="plate-fix">2.4</i> should be fixed</span><span><i class="plate-know">2.9</i> no part has it</span>@unless (isset($states['visited']))<span>No text on these pages tells visited links apart.</span>@endunless</p>
@if ($opened !== null)
@php($finding = $panel->findingAt($opened))
@php($count = array_sum(array_map(count(...), $opened->places)))
<section class="opened-pair" aria-label="The open pair">
  <p class="finding-head">@if ($opened->severity !== null)<x-diamond :severity="$opened->severity"/>@endif <b>{{ ucfirst($opened->title()) }}</b> <span>{{ Ikat\Core\Contrast\ContrastFinding::ratioText($opened->ratio) }} : 1{{ $opened->target === 0.0 ? ', nothing asked' : ', needs '.Ikat\Core\Contrast\ContrastFinding::ratioText($opened->target) }}</span> <small>{{ $opened->target === 0.0 ? 'inactive, exempt' : $opened->clause }}</small></p>
  <p class="finding-where">{{ $theme->schemes[$opened->set->scheme] }}{{ $opened->set->isDark ? ' in the dark' : '' }}; {{ implode(', ', array_map(fn ($s) => $stateWords[$s], $opened->states)) }}{{ $opened->kinds === [] ? '' : '; '.implode(', ', $opened->kinds) }}. {{ $count === 0 ? ($opened->severity === null || $opened->severity === Ikat\Core\Check\Severity::Know ? 'No part of the shop has it at present.' : 'No part of the shop has it at present, but a season brings it.') : "In $count ".($count === 1 ? 'place' : 'places').': '.implode(', ', array_map(fn ($p) => App\Storefront\SamplePages::labels()[$p] ?? $p, array_keys($opened->places))).'.' }}</p>
  @if ($count > 0)@include('workbench.shell.walk', ['url' => $bench->address('pair').'?'.http_build_query(['open_part' => 'pairs', 'shown' => $panel->shown, 'open_pair' => $opened->key()]), 'what' => $opened->title()])@endif
  @if ($finding !== null)@include('workbench.colors.fixes')@endif
</section>
@endif
