@php($lattice = $bench->colors()->lattice())
@php($single = in_array($bench->woven, ['all', 'dark'], true) ? null : $bench->woven)
@php($palette = Ikat\Core\Contrast\SchemeColors::of($input))
@php($name = fn (string $role): string => Ikat\Core\Contrast\RolePair::name($role))
@php($isOwn = fn (string $ink, string $ground): bool => $ink === Ikat\Core\Contrast\SchemeColors::source($ground).'-ink')
@php($rows = array_values(array_filter($lattice->inks, fn ($ink) => array_filter($lattice->knots, fn ($k) => $k->ink === $ink && ! $isOwn($ink, $k->ground)) !== [])))
@php($hasOwn = array_filter($lattice->knots, fn ($k) => $isOwn($k->ink, $k->ground)) !== [])
@php($columns = count($lattice->columns))
@php($isAll = in_array($bench->woven, ['all', 'dark'], true))
@php($thread = fn (string $column): string => str_contains($column, '@') ? $theme->schemes[Ikat\Core\Contrast\SchemeColors::scheme(explode('@', $column)[1])] : (str_ends_with($column, '-hover') ? 'pointed at' : ($column === Ikat\Core\Contrast\SchemeColors::OVER ? 'picture' : $name($column))))
@php($left = 84)
@php($wide = $columns === 0 ? 26 : min(30, (400 - $left) / $columns))
@php($top = 88)
@php($tall = 25)
@php($height = $top + $tall * (count($rows) + ($hasOwn ? 1 : 0)) + 8)
@php($opened = $bench->colors()->openKnot())
@php($states = [])
@foreach ($lattice->knots as $knot)@foreach ($knot->states as $state)@php($states[$state] = ($states[$state] ?? 0) + 1)@endforeach @endforeach
@php($stateWords = ['plain' => 'plain', 'hover' => 'pointed at', 'focus' => 'with focus', 'active' => 'pressed', 'target' => 'opened', 'selected' => 'selected', 'error' => 'with a mistake', 'visited' => 'visited', 'disabled' => 'disabled'])
<div class="lattice-head">
  <label>Scheme <select class="entry" name="woven" hx-get="{{ $bench->address('colors') }}?open_part=lattice" hx-trigger="change" hx-target="#bench" hx-swap="morph:innerHTML">
    <option value="all" @selected($bench->woven === 'all')>all of them</option>@if ($bench->hasDark())<option value="dark" @selected($bench->woven === 'dark')>all of them in the dark</option>@endif
    @foreach (Ikat\Core\Contrast\SchemeColors::sets($input->look, $theme) as $set)<option value="{{ $set }}" @selected($single === $set)>{{ $theme->schemes[Ikat\Core\Contrast\SchemeColors::scheme($set)] }}{{ Ikat\Core\Contrast\SchemeColors::isDark($set) ? ' in the dark' : '' }}</option>@endforeach
  </select></label>
  <div class="state-row" role="group" aria-label="Show a state">@foreach (Ikat\Core\Contrast\RolePair::STATES as $state)@isset($states[$state])<button type="button" class="act" data-lattice-state="{{ $state }}" aria-pressed="false">{{ $stateWords[$state] }} {{ $states[$state] }}</button>@endisset @endforeach</div>
</div>
<svg class="draw lattice" viewBox="0 0 398 {{ $height }}" role="group" aria-label="{{ count($lattice->knots) }} pairs: grounds across, inks down. The arrow keys go from knot to knot." data-lattice>
  @foreach ($lattice->columns as $i => $column)
  @php([$ground, $of] = explode('@', $column) + [1 => $single])
  @php($x = round($left + $i * $wide, 1))
  <text class="warp-name" x="{{ $x + $wide / 2 + 3 }}" y="{{ $top - 6 }}" transform="rotate(-62 {{ $x + $wide / 2 + 3 }} {{ $top - 6 }})">{{ $thread($column) }}</text>
  @if ($of !== null)
  @php($colors = array_values($palette->ground($of, $ground)))
  @php($bands = min(12, count($colors)))
  @for ($b = 0; $b < $bands; $b++)<rect class="warp" x="{{ $x + 1 }}" y="{{ round($top + $b * ($height - $top - 4) / $bands, 1) }}" width="{{ round($wide - 2, 1) }}" height="{{ round(($height - $top - 4) / $bands + 0.5, 1) }}" fill="{{ $colors[intdiv($b * count($colors), $bands)]->hex() }}"/>@endfor
  @else<rect class="warp is-undyed" x="{{ $x + 1 }}" y="{{ $top }}" width="{{ round($wide - 2, 1) }}" height="{{ $height - $top - 4 }}"/>@endif
  @endforeach
  @foreach ([...$rows, ...($hasOwn ? [''] : [])] as $r => $ink)
  @php($y = $top + $r * $tall + 8)
  <text class="weft-name" x="{{ $left - 6 }}" y="{{ $y + 4 }}" text-anchor="end">{{ $ink === '' ? 'its own ink' : $name($ink) }}</text>
  @php($crossed = array_filter($lattice->knots, fn ($k) => $ink === '' ? $isOwn($k->ink, $k->ground) : $k->ink === $ink && ! $isOwn($ink, $k->ground)))
  @if ($ink !== '')@php($last = max(array_map(fn ($k) => array_search($k->column, $lattice->columns, true), $crossed)))<path class="weft" d="M{{ $left - 3 }} {{ $y }}H{{ round($left + $last * $wide + $wide / 2, 1) }}" @if ($single !== null) stroke="{{ $palette->color($single, $ink)->hex() }}" @else stroke="currentColor" @endif/>@endif
  @foreach ($crossed as $key => $knot)
  @php($x = round($left + array_search($knot->column, $lattice->columns, true) * $wide + 1, 1))
  @php($grounds = $palette->extremes($knot->set, $knot->ground))
  @php($inkColor = $palette->color($knot->set, $knot->ink)->hex())
  @php($where = $theme->schemes[Ikat\Core\Contrast\SchemeColors::scheme($knot->set)].(Ikat\Core\Contrast\SchemeColors::isDark($knot->set) ? ' in the dark' : ''))
  @php($told = $knot->target === 0.0 ? 'nothing asked' : ($knot->severity === null ? 'holds, needs '.Ikat\Core\Contrast\ContrastFinding::say($knot->target) : 'too faint, needs '.Ikat\Core\Contrast\ContrastFinding::say($knot->target)))
  <g @class(['knot-at', 'is-open' => $opened?->key() === $knot->key(), 'is-worn' => $knot->places !== [], 'fails-'.$knot->severity?->value => $knot->severity !== null]) role="button" tabindex="{{ $opened?->key() === $knot->key() || ($opened === null && $loop->first && $loop->parent->first) ? 0 : -1 }}" aria-label="{{ $knot->title() }}, {{ Ikat\Core\Contrast\ContrastFinding::say($knot->ratio) }} to 1 in {{ $where }}: {{ $told }}" aria-pressed="{{ $opened?->key() === $knot->key() ? 'true' : 'false' }}" data-knot="{{ $key }}" data-states="{{ implode(' ', $knot->states) }}" data-press-keys data-walk-url="{{ $bench->address('knot') }}?open_part=lattice&amp;woven={{ $bench->woven }}&amp;open_knot={{ urlencode($key) }}" hx-get="{{ $bench->address('colors') }}?open_part=lattice&amp;woven={{ $bench->woven }}&amp;open_knot={{ urlencode($key) }}&amp;open_scheme={{ Ikat\Core\Contrast\SchemeColors::scheme($knot->set) }}&amp;open_path={{ urlencode($bench->selected) }}" hx-target="#bench" hx-swap="morph:innerHTML">
    <title>{{ $knot->title() }}: {{ Ikat\Core\Contrast\ContrastFinding::say($knot->ratio) }} : 1</title>
    @foreach ($grounds as $g => $color)<rect x="{{ $x }}" y="{{ $y - 6 + $g * 6 }}" width="{{ round($wide - 2, 1) }}" height="{{ count($grounds) === 1 ? 12 : 6 }}" fill="{{ $color->hex() }}"/>@endforeach
    <use href="#dia-stop" x="{{ round($x + $wide / 2 - 6.5, 1) }}" y="{{ $y - 5.5 }}" width="11" height="11" color="{{ $inkColor }}"/>
    <rect class="ratio-plate" x="{{ $x }}" y="{{ $y + 6 }}" width="{{ round($wide - 2, 1) }}" height="11"/>
    <text class="ratio" x="{{ round($x + $wide / 2 - 1, 1) }}" y="{{ $y + 15 }}" text-anchor="middle">{{ $knot->ratio >= 10 ? floor($knot->ratio) : Ikat\Core\Contrast\ContrastFinding::say($knot->ratio) }}</text>
  </g>
  @endforeach
  @endforeach
</svg>
<p class="lattice-legend"><span><i class="plate-stop">3.1</i> too faint, stops a publish</span><span><i class="plate-fix">2.4</i> should be fixed</span><span><i class="plate-know">2.9</i> no part has it</span>@unless (isset($states['visited']))<span>No text on these pages tells visited links apart.</span>@endunless</p>
@if ($opened !== null)
@php($finding = $bench->colors()->findingAt($opened))
@php($count = array_sum(array_map(count(...), $opened->places)))
<section class="opened-knot" aria-label="The open knot">
  <p class="finding-head">@if ($opened->severity !== null)<x-diamond :severity="$opened->severity"/>@endif <b>{{ ucfirst($opened->title()) }}</b> <span>{{ Ikat\Core\Contrast\ContrastFinding::say($opened->ratio) }} : 1{{ $opened->target === 0.0 ? ', nothing asked' : ', needs '.Ikat\Core\Contrast\ContrastFinding::say($opened->target) }}</span> <small>{{ $opened->target === 0.0 ? 'inactive, exempt' : $opened->clause }}</small></p>
  <p class="finding-where">{{ $theme->schemes[Ikat\Core\Contrast\SchemeColors::scheme($opened->set)] }}{{ Ikat\Core\Contrast\SchemeColors::isDark($opened->set) ? ' in the dark' : '' }}; {{ implode(', ', array_map(fn ($s) => $stateWords[$s], $opened->states)) }}{{ $opened->kinds === [] ? '' : '; '.implode(', ', $opened->kinds) }}. {{ $count === 0 ? 'No part of the shop has it at present.' : "In $count ".($count === 1 ? 'place' : 'places').': '.implode(', ', array_map(fn ($p) => App\Storefront\SamplePages::labels()[$p] ?? $p, array_keys($opened->places))).'.' }}</p>
  @if ($count > 0)@include('workbench.parts.walk', ['url' => $bench->address('knot').'?'.http_build_query(['open_part' => 'lattice', 'woven' => $bench->woven, 'open_knot' => $opened->key()]), 'what' => $opened->title()])@endif
  @if ($finding !== null)@include('workbench.steps.fixes')@endif
</section>
@endif
