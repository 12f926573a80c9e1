<p>Out: @foreach (['css' => 'CSS custom properties', 'tokens' => 'design tokens', 'gpl' => 'GIMP palette', 'svg' => 'SVG swatches'] as $format => $words)<a class="act" href="{{ $bench->address("palette.$format") }}">{{ $words }}</a>{{ $loop->last ? '' : ', ' }}@endforeach</p>
@if ($edits)
<form class="library-form" hx-post="{{ $bench->address('palette') }}" hx-encoding="multipart/form-data" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML"><label for="palette-file">In: any of these. Colors are told by their names: {{ implode(', ', array_map(mb_strtolower(...), $theme->brandColors)) }}.</label><input type="file" id="palette-file" name="palette" accept=".css,.json,.gpl,.svg,.txt" required><button class="act">Bring the colors in</button></form>
@endif
@isset($report)
<div class="report" role="status"><p><b>{{ count($report['taken']) === 0 ? 'No color was taken.' : count($report['taken']).' '.(count($report['taken']) === 1 ? 'color was' : 'colors were').' taken: '.implode(', ', $report['taken']).'.' }}</b></p>
@if ($report['unnamed'] !== [])<p>Without a brand color of their name: {{ implode(', ', $report['unnamed']) }}.</p>@endif
@if ($report['not_understood'] !== [])<p>Not understood:</p><ul>@foreach ($report['not_understood'] as $line)<li>{{ $line }}</li>@endforeach</ul>@endif</div>
@endisset
