@php($input = $bench->inspection())
@php($theme = $input->theme)
@php($all = $bench->counts())
@php($edits = $bench->edits())
@php($open = $panel->tab)
<div class="bench-head"><h1>Colors</h1><p>{{ count($theme->brandColors) }} brand colors, {{ count($theme->schemes) }} schemes, {{ $all['stop'] === 0 ? 'every pair in use is readable' : ($all['stop'] === 1 ? '1 pair too faint' : $all['stop'].' pairs too faint') }}</p></div>
<nav class="part-tabs" aria-label="Benches of the color desk">@foreach (App\Workbench\Colors\ColorsPanel::TABS as $key => $words)@php($to = $bench->address('colors').'?'.http_build_query(['open_part' => $key, 'open_scheme' => $panel->scheme, 'open_path' => $panel->selected]))<a class="part-tab" href="{{ $to }}" hx-get="{{ $to }}" @if ($key === $open) aria-current="true" @endif>{{ $words }}</a>@endforeach</nav>
<div class="color-bench" data-color-bench="{{ $open }}" data-has-dark="{{ $panel->hasDark() ? 'yes' : '' }}" @if ($open === 'dark' && $panel->hasDark()) data-show-dark @endif>
@if ($open === 'schemes')
<section class="tool" aria-labelledby="t-schemes"><h2 id="t-schemes">Color schemes <small>click to open</small></h2>@include('workbench.colors.schemes')</section>
<section class="tool" aria-labelledby="t-sample"><h2 id="t-sample">{{ $theme->schemes[$panel->scheme] }} <small>pick a piece to change its color</small></h2>@include('workbench.colors.living-sample')@include('workbench.colors.scheme-tools')</section>
<section class="tool" aria-labelledby="t-picker"><h2 id="t-picker">{{ $bench->setting($panel->selected)->label }} <small>{{ $bench->follows($panel->selected) ? 'follows '.$bench->setting($bench->follows($panel->selected))->label : 'a color of its own' }}</small></h2>@include('workbench.colors.picker')</section>
<section class="tool" aria-labelledby="gradient" id="gradient-tool"><h2 id="gradient" tabindex="-1">Ground of {{ $theme->schemes[$panel->scheme] }} <small>plain, or running from color to color</small></h2>@include('workbench.colors.gradient')</section>
<section class="tool" aria-labelledby="t-parts"><h2 id="t-parts">Who wears it <small>or pick a part in the window</small></h2>@include('workbench.colors.uses')</section>
@include('workbench.colors.findings')
@elseif ($open === 'brand')
<section class="tool" aria-labelledby="t-brand"><h2 id="t-brand">Brand colors <small>up: lightness, across: hue</small></h2>@include('workbench.colors.ladder')@include('workbench.colors.brand')</section>
<section class="tool" aria-labelledby="t-picker"><h2 id="t-picker">{{ $bench->setting($panel->selected)->label }} <small>{{ $bench->follows($panel->selected) ? 'follows '.$bench->setting($bench->follows($panel->selected))->label : 'a color of its own' }}</small></h2>@include('workbench.colors.picker')</section>
<section class="tool" aria-labelledby="t-departures"><h2 id="t-departures">Gone their own way <small>colors that follow nothing</small></h2>@include('workbench.colors.departures')</section>
<section class="tool" aria-labelledby="t-ready"><h2 id="t-ready">Ready palettes <small>point at one to try it on</small></h2>@include('workbench.colors.ready-palettes')</section>
@elseif ($open === 'pairs')
<section class="tool" aria-labelledby="t-weave"><h2 id="t-weave">Every ink on every ground <small>as it occurs on the pages</small></h2>@include('workbench.colors.pairs')</section>
@include('workbench.colors.repair')
<section class="tool" aria-labelledby="t-vision"><h2 id="t-vision">With other eyes <small>Machado and others, 2009</small></h2>@include('workbench.colors.vision')</section>
@elseif ($open === 'dark')
<section class="tool" aria-labelledby="t-dark"><h2 id="t-dark">Dark surroundings <small>for devices that ask for dark</small></h2>@include('workbench.colors.dark')</section>
@else
<section class="tool" aria-labelledby="t-all"><h2 id="t-all">All colors <small>by hue and lightness</small></h2>@include('workbench.colors.census')</section>
<section class="tool" aria-labelledby="t-files"><h2 id="t-files">Palette in and out</h2>@include('workbench.colors.palette-files')</section>
@endif
</div>
@include('workbench.shell.original')
