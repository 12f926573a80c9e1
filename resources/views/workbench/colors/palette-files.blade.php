<p>Out: with schemes, the dark set and what follows what, @foreach (['css' => 'CSS custom properties', 'tokens' => 'design tokens', 'gpl' => 'GIMP palette', 'svg' => 'SVG swatches'] as $format => $words)@if ($format === 'gpl'); the brand colors alone, @endif<a class="act" href="{{ $bench->address("palette.$format") }}">{{ $words }}</a>{{ in_array($format, ['css', 'gpl'], true) ? ', ' : '' }}@endforeach.</p>
@if ($edits)
<form class="library-form" hx-post="{{ $bench->address('palette') }}" hx-encoding="multipart/form-data"><label for="palette-file">In: any of these. Colors are told by their names: {{ implode(', ', array_map(mb_strtolower(...), $theme->brandColors)) }}; schemes as this look writes them out.</label><input type="file" id="palette-file" name="palette" accept=".css,.json,.gpl,.svg,.txt" required><label><input type="checkbox" name="adds" value="1">Add colors and whole schemes this look has no name for</label><button class="act">Bring the colors in</button></form>
@endif
@isset($report)
<div class="report" role="status"><p><b>{{ $report['taken'] === [] ? 'No color was taken.' : 'Taken: '.implode(', ', array_slice($report['taken'], 0, 12)).(count($report['taken']) > 12 ? ' and '.(count($report['taken']) - 12).' more' : '').'.' }}</b>@if ($report['same'] > 0) {{ $report['same'] }} {{ $report['same'] === 1 ? 'was' : 'were' }} here as in the file already.@endif</p>
@if ($report['unnamed'] !== [])<p>No color or scheme of their name here: {{ implode(', ', array_slice($report['unnamed'], 0, 30)) }}{{ count($report['unnamed']) > 30 ? ' and '.(count($report['unnamed']) - 30).' more' : '' }}.</p>@endif
@if ($report['not_understood'] !== [])<p>Not understood:</p><ul>@foreach ($report['not_understood'] as $line)<li>{{ $line }}</li>@endforeach</ul>@endif</div>
@endisset
