@use('App\Workbench\Colors\ColorsPanel')
@php($input = $bench->inspection())
@php($theme = $input->theme)
@php($faint = $bench->counts()['stop'])
@php($edits = $bench->edits())
@php($open = $panel->tab)
@php($scheme = $theme->schemes[$panel->scheme])
@php($picked = $bench->setting($panel->selected)->label)
@php($followed = $bench->follows($panel->selected))
@php($origin = $followed ? 'linked to '.$bench->setting($followed)->label : 'a color of its own')
@php($to = fn (string $tab): string => $bench->address('colors').'?'.http_build_query(['open_part' => $tab, 'open_scheme' => $panel->scheme, 'open_path' => $panel->selected]))
<x-heading title="Colors">{{ count($theme->brandColors) }} brand colors, {{ count($theme->schemes) - count($bench->departures()) }} schemes,
  {{ $faint === 0 ? 'every pair in use is readable' : ($faint === 1 ? '1 pair too faint' : "$faint pairs too faint") }}</x-heading>
<x-tabs label="Benches of the color desk" :tabs="array_map(fn ($key, $words) => [$to($key), $words, $key === $open], array_keys(ColorsPanel::TABS), ColorsPanel::TABS)"/>
<div class="flex flex-1 flex-col gap-2.25" data-color-bench="{{ $open }}" data-has-dark="{{ $panel->hasDark() ? 'yes' : '' }}" @if ($open === 'dark' && $panel->hasDark()) data-show-dark @endif>
@if ($open === 'schemes')
<x-tool id="t-schemes" title="Color schemes" note="click to open">@include('workbench.colors.schemes')</x-tool>
<x-tool id="t-sample" :title="$scheme" note="pick a piece to change its color">@include('workbench.colors.living-sample')@include('workbench.colors.scheme-tools')</x-tool>
<x-tool id="t-picker" :title="$picked" :note="$origin">@include('workbench.colors.picker')</x-tool>
<x-tool id="gradient" :isTarget="true" :title="'Background of '.$scheme" note="plain, or running from color to color">@include('workbench.colors.gradient')</x-tool>
@if ($bench->departures() !== [])
<x-tool id="t-own" title="Parts with colors of their own" :note="count($bench->departures()).' of them'">@include('workbench.colors.own-colors')</x-tool>
@endif
<x-tool id="t-parts" title="Parts in this color scheme" note="or pick a part in the window">@include('workbench.colors.uses')</x-tool>
@include('workbench.colors.findings')
@elseif ($open === 'brand')
<x-tool id="t-brand" title="Brand colors" note="up: lightness, across: hue">@include('workbench.colors.ladder')@include('workbench.colors.brand')</x-tool>
<x-tool id="t-picker" :title="$picked" :note="$origin">@include('workbench.colors.picker')</x-tool>
<x-tool id="t-departures" title="Gone their own way" note="colors linked to nothing">@include('workbench.colors.departures')</x-tool>
<x-tool id="t-ready" title="Ready palettes" note="point at one to try it on">@include('workbench.colors.ready-palettes')</x-tool>
@elseif ($open === 'pairs')
@php($opened = $panel->openCell())
@if ($opened !== null)@include('workbench.colors.opened-pair')@else<p class="text-ink-2">Pick a pair in the drawing: what it is, where it is seen and what would fix it stand here.</p>@endif
@include('workbench.colors.repair')
<x-tool id="t-vision" title="With other eyes" note="as customers see it who tell fewer colors apart">@include('workbench.colors.vision')</x-tool>
@elseif ($open === 'dark')
<x-tool id="t-dark" title="Dark surroundings" note="for devices that ask for dark">@include('workbench.colors.dark')</x-tool>
@else
<x-tool id="t-all" title="All colors" note="by hue and lightness">@include('workbench.colors.census')</x-tool>
<x-tool id="t-files" title="Palette in and out">@include('workbench.colors.palette-files')</x-tool>
@endif
</div>
@include('workbench.shell.original')
