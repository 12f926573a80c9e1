@use('Ikat\Core\Contrast\ContrastFinding')
@use('Ikat\Core\Contrast\RolePair')
@use('Ikat\Core\Contrast\SchemeColors')
@use('Ikat\Core\Setting\ColorSet')
@use('App\Workbench\Colors\ColorsPanel')
@php($input = $bench->inspection())
@php($theme = $input->theme)
@php($table = $panel->table())
@php($single = ColorSet::tryNamed($panel->shown))
@php($palette = $input->get(SchemeColors::class))
@php($isOwn = fn (string $ink, string $ground): bool => $ink === SchemeColors::source($ground).'-ink')
@php($rows = array_values(array_filter($table->inks, fn ($ink) => array_filter($table->cells, fn ($k) => $k->ink === $ink && ! $isOwn($ink, $k->ground)) !== [])))
@php($hasOwn = array_filter($table->cells, fn ($k) => $isOwn($k->ink, $k->ground)) !== [])
@php($columnName = fn (string $column): string => match (true) {
    str_contains($column, '@') => $theme->schemes[ColorSet::tryNamed(explode('@', $column)[1])->scheme],
    str_ends_with($column, '-hover') => 'pointed at',
    $column === SchemeColors::OVER => 'picture',
    default => RolePair::name($column),
})
@php($columns = count($table->columns))
@php($left = 104)
@php($top = 64)
@php($tall = 20)
{{-- The last heading leans out to the right: it has to end inside the drawing. --}}
@php($wide = max(32, min(52, (770 - $left) / max(1, $columns))))
@php($whole = max(818, ceil($left + $columns * $wide + 48)))
@php($height = $top + $tall * (count($rows) + ($hasOwn ? 1 : 0)) + 8)
@php($opened = $panel->openCell())
@php($states = [])
@foreach ($table->cells as $cell)@foreach ($cell->states as $state)@php($states[$state] = ($states[$state] ?? 0) + 1)@endforeach @endforeach
<div class="flex flex-wrap items-center gap-x-4 gap-y-0.75 pb-1">
  <label class="flex items-center gap-2">Scheme <select class="entry w-auto" name="shown" hx-get="{{ $bench->address('colors') }}?open_part=pairs" hx-trigger="change">
    <option value="all" @selected($panel->shown === 'all')>all of them</option>@if ($panel->hasDark())<option value="dark" @selected($panel->shown === 'dark')>all of them in the dark</option>@endif
    @foreach (SchemeColors::sets($input->look, $theme) as $set)<option value="{{ $set->name }}" @selected($single?->name === $set->name)>{{ $panel->nameOf($set) }}</option>@endforeach
  </select></label>
  <div class="flex flex-wrap gap-x-3" role="group" aria-label="Show a state">
    @foreach (RolePair::STATES as $state)@isset($states[$state])<button type="button" class="act" data-pair-state="{{ $state }}"
      aria-pressed="false">{{ ColorsPanel::STATES[$state] }} {{ $states[$state] }}</button>@endisset @endforeach
  </div>
</div>
<svg class="pair-table" viewBox="0 0 {{ $whole }} {{ $height }}" width="{{ $whole }}" height="{{ $height }}" role="group" data-drawing
  aria-label="{{ count($table->cells) }} pairs: backgrounds across, texts down. The arrow keys go from pair to pair.">
  @foreach ($table->columns as $i => $column)
  @php([$ground, $named] = explode('@', $column) + [1 => ''])
  @php($of = ColorSet::tryNamed($named) ?? $single)
  @php($x = round($left + $i * $wide, 1))
  @php($lean = ($x + $wide / 2 + 3).' '.($top - 6))
  <text class="column-name" x="{{ $x + $wide / 2 + 3 }}" y="{{ $top - 6 }}" transform="rotate(-42 {{ $lean }})">{{ $columnName($column) }}</text>
  @if ($of !== null)
  @php($colors = array_values($palette->ground($of, $ground)))
  @php($bands = min(12, count($colors)))
  @php($band = ($height - $top - 4) / $bands)
  @for ($b = 0; $b < $bands; $b++)
  <rect class="column" x="{{ $x + 1 }}" y="{{ round($top + $b * $band, 1) }}" width="{{ round($wide - 2, 1) }}" height="{{ round($band + 0.5, 1) }}"
    fill="{{ $colors[intdiv($b * count($colors), $bands)]->hex() }}"/>
  @endfor
  @else<rect class="column is-undyed" x="{{ $x + 1 }}" y="{{ $top }}" width="{{ round($wide - 2, 1) }}" height="{{ $height - $top - 4 }}"/>@endif
  @endforeach
  @foreach ([...$rows, ...($hasOwn ? [''] : [])] as $r => $ink)
  @php($y = $top + $r * $tall + 10)
  <text class="row-name" x="{{ $left - 6 }}" y="{{ $y + 4 }}" text-anchor="end">{{ $ink === '' ? 'its own text' : RolePair::name($ink) }}</text>
  @php($crossed = array_filter($table->cells, fn ($k) => $ink === '' ? $isOwn($k->ink, $k->ground) : $k->ink === $ink && ! $isOwn($ink, $k->ground)))
  @if ($ink !== '')
  @php($last = max(array_map(fn ($k) => array_search($k->column, $table->columns, true), $crossed)))
  <path class="row-line" d="M{{ $left - 3 }} {{ $y }}H{{ round($left + $last * $wide + $wide / 2, 1) }}" stroke="{{ $single !== null ? $palette->color($single, $ink)->hex() : 'currentColor' }}"/>
  @endif
  @foreach ($crossed as $key => $cell)
  @include('workbench.colors.pair', ['isFirst' => $loop->first && $loop->parent->first])
  @endforeach
  @endforeach
</svg>
@php($plate = 'bg-white px-1 text-[10px]/3.25 font-semibold not-italic')
<p class="flex flex-wrap gap-x-3.5 gap-y-0.5 text-[12px] text-ink-2">
  <span><i class="{{ $plate }} bg-madder! text-white">3.1</i> too faint, stops a publish</span>
  <span><i class="{{ $plate }} text-madder shadow-[inset_0_0_0_1.5px_var(--color-madder)]">2.4</i> should be fixed</span>
  <span><i class="{{ $plate }} text-ink-1 outline outline-dashed outline-ink-2">2.9</i> no part has it</span>
  @unless (isset($states['visited']))<span>No text on these pages tells visited links apart.</span>@endunless
</p>
