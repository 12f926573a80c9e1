@php($some = fn (array $all, int $most): string => implode(', ', array_slice($all, 0, $most)).(count($all) > $most ? ' and '.(count($all) - $most).' more' : ''))
<p>Out: with schemes, the dark set and what is linked to what,
  <a class="act" href="{{ $bench->address('palette.css') }}">CSS custom properties</a>, <a class="act" href="{{ $bench->address('palette.tokens') }}">design tokens</a>; the brand colors alone,
  <a class="act" href="{{ $bench->address('palette.gpl') }}">palette list (.gpl)</a>, <a class="act" href="{{ $bench->address('palette.svg') }}">SVG swatches</a>.</p>
@if ($edits)
<form class="grid justify-items-start gap-1 pt-1.5" hx-post="{{ $bench->address('palette') }}" hx-encoding="multipart/form-data">
  <label for="palette-file">In: any of these. Colors are told by their names: {{ implode(', ', array_map(mb_strtolower(...), $theme->brandColors)) }}; schemes as this look writes them out.</label>
  <input type="file" id="palette-file" name="palette" accept=".css,.json,.gpl,.svg,.txt" required>
  <label class="flex min-h-6 items-center gap-1.5"><input type="checkbox" name="adds" value="1">Add colors and whole schemes this look has no name for</label><button
    class="act">Bring the colors in</button></form>
@endif
@isset($report)
<div class="report mt-1.5 bg-blue-wash px-2.5 py-2" role="status">
  <p><b>{{ $report['taken'] === [] ? 'No color was taken.' : 'Taken: '.$some($report['taken'], 12).'.' }}</b>
    @if ($report['same'] > 0) {{ $report['same'] }} {{ $report['same'] === 1 ? 'was' : 'were' }} here as in the file already.@endif</p>
  @if ($report['unnamed'] !== [])<p>No color or scheme of their name here: {{ $some($report['unnamed'], 30) }}.</p>@endif
  @if ($report['not_understood'] !== [])<p>Not understood:</p><ul class="list-disc pl-4.5">@foreach ($report['not_understood'] as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
</div>
@endisset
