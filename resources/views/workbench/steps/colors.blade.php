@inject('trials', 'App\Looks\Trials')
@php($input = $bench->input())
@php($theme = $input->theme)
@php($all = $bench->counts())
@php($edits = $bench->user->role->edits())
<div class="bench-head"><h1>Colors</h1><p>{{ count($theme->brandColors) }} brand colors, {{ count($theme->schemes) }} schemes, {{ $all['stop'] === 0 ? 'every pair in use is readable' : ($all['stop'] === 1 ? '1 pair too faint' : $all['stop'].' pairs too faint') }}</p></div>
<section class="tool" aria-labelledby="t-schemes"><h2 id="t-schemes">Color schemes <small>click to open</small></h2>
  <div class="samples">
    @foreach ($theme->schemes as $key => $label)
    @php($counts = $bench->counts($key))
    <button type="button" @class(['sample', 'is-open' => $key === $bench->scheme]) hx-get="{{ $bench->address('colors') }}?open_scheme={{ $key }}" hx-target="#bench" hx-swap="morph:innerHTML" @if ($key === $bench->scheme) aria-current="true" @endif>
      <span class="cloth wear scheme-{{ $key }}" aria-hidden="true"><b>Lantern</b><u>see all</u><i>Buy</i><em>$30</em></span>
      <strong>{{ $label }} @if ($counts['stop'] > 0)<x-diamond severity="stop"/>@elseif ($counts['fix'] > 0)<x-diamond severity="fix"/>@endif</strong>
      @php($wearers = count(array_filter($input->look->all(), fn ($r) => str_ends_with($r->setting->path, '.scheme') && $r->value === $key)))
      <small>{{ $wearers === 0 ? 'not worn' : ($wearers === 1 ? '1 part' : "$wearers parts") }}</small>
    </button>
    @endforeach
  </div>
</section>
<section class="tool" aria-labelledby="t-sample"><h2 id="t-sample">{{ $theme->schemes[$bench->scheme] }} <small>pick a piece to change its color</small></h2>@include('workbench.steps.living-sample')</section>
<section class="tool" aria-labelledby="t-picker"><h2 id="t-picker">{{ $bench->setting($bench->selected)->label }} <small>{{ $bench->follows($bench->selected) ? 'follows '.$bench->setting($bench->follows($bench->selected))->label : 'a color of its own' }}</small></h2>@include('workbench.steps.picker')</section>
<section class="tool" aria-labelledby="t-brand"><h2 id="t-brand">Brand colors <small>up: lightness, across: hue</small></h2>@include('workbench.steps.ladder')</section>
<section class="tool" aria-labelledby="t-weave"><h2 id="t-weave">{{ $theme->schemes[$bench->scheme] }}, as woven <small>each ink on each ground that occurs</small></h2>@include('workbench.steps.weave')</section>
@include('workbench.steps.findings')
@include('workbench.steps.mend')
<section class="tool" aria-labelledby="t-vision"><h2 id="t-vision">With other eyes <small>Machado and others, 2009</small></h2>@include('workbench.steps.vision')</section>
<section class="tool" aria-labelledby="t-ready"><h2 id="t-ready">Ready palettes <small>point at one to try it on</small></h2>@include('workbench.steps.ready-palettes')</section>
<section class="tool" aria-labelledby="t-all"><h2 id="t-all">All colors <small>by hue and lightness</small></h2>@include('workbench.steps.discipline')</section>
<section class="tool" aria-labelledby="t-files"><h2 id="t-files">Palette in and out</h2>@include('workbench.steps.palette-files')</section>
@include('workbench.parts.original')
