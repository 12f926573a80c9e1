@inject('bases', 'App\Looks\Bases')
@php($look = $bench->look)
@php($base = $bases->standing($look))
@php($edits = $bench->user->role->edits())
@php($asked = $bench->isOpenedWith('theme') ? $bases->named($bench->asked('theme'), $bench->asked('starter')) : null)
@php($merge = $asked === null ? $bases->upgrade($look) : null)
@php($start = $bench->address('start'))
<div class="bench-head"><h1>Start</h1><p>{{ $bench->input()->theme->title }} {{ $base->version }}, {{ $bench->input()->theme->starters[$base->starter]->title }}</p></div>
@if ($asked !== null)
@include('workbench.steps.start-taking')
@else
<section class="tool" aria-labelledby="s-bases"><h2 id="s-bases">Themes <small>point at a starter to try it on</small></h2>
  <p><button type="button" class="act" data-compare="{{ json_encode(array_map(fn ($t) => ['trial' => $t->name === $base->theme ? '' : $bases->trial($look, $t), 'caption' => $t->title.($t->name === $base->theme ? ', in use' : '')], $bases->themes())) }}">See them side by side</button> on your own goods, in the shop window.</p>
  <ol class="bases">
    @foreach ($bases->themes() as $theme)
    @php($isNow = $theme->name === $base->theme)
    <li @class(['base', 'is-now' => $isNow]) id="base-{{ $theme->name }}">
      <div class="base-page" aria-hidden="true" inert><iframe id="base-page-{{ $theme->name }}" title="{{ $theme->title }} on your home page" tabindex="-1" src="/preview/{{ $look->id }}/now{{ $isNow ? '' : '~'.$bases->trial($look, $theme) }}/shop/{{ $look->storefront->slug }}/"></iframe></div>
      <div class="base-words">
        <h3>{{ $theme->title }} @if ($isNow)<strong class="in-use">in use</strong>@endif</h3>
        <p>{{ $theme->words }}</p>
        @if ($theme->suits !== '')<p><b>Suits</b> {{ lcfirst($theme->suits) }}</p>@endif
        @if ($theme->offers !== [])<details><summary>What it does its own way</summary><ul>@foreach ($theme->offers as $offer)<li>{{ $offer }}</li>@endforeach</ul></details>@endif
        @if ($edits && $bases->isBrought($theme) && ! $isNow)<form hx-post="{{ $bench->address('themes/remove') }}" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML"><input type="hidden" name="theme" value="{{ $theme->name }}"><button class="act">Remove {{ $theme->title }} from the shelf</button></form>@endif
        <p class="quiet">Version {{ $isNow ? $base->version : $theme->version }} by {{ $theme->maker }}</p>
        <ul class="starters" aria-label="Starters of {{ $theme->title }}">
          @foreach ($theme->starters as $starter)
          @php($isThis = $isNow && $starter->name === $base->starter)
          <li><a href="{{ $start }}?theme={{ $theme->name }}&amp;starter={{ $starter->name }}" @class(['starter', 'is-now' => $isThis]) @if ($isThis) aria-current="true" @endif data-try="{{ $isThis ? '' : $bases->trial($look, $theme, $starter) }}" hx-get="{{ $start }}?theme={{ $theme->name }}&amp;starter={{ $starter->name }}" hx-target="#bench" hx-swap="morph:innerHTML">
            <svg viewBox="0 0 60 14" preserveAspectRatio="none" aria-hidden="true">@foreach ($bases->colors($theme, $starter) as $i => $color)<rect x="{{ $i * 6 }}" width="6" height="14" fill="{{ $color }}"/>@endforeach</svg>
            <span>{{ $starter->title }}@if ($isThis)<span class="hidden-words">, in use</span>@endif</span></a></li>
          @endforeach
        </ul>
      </div>
    </li>
    @endforeach
  </ol>
</section>
@include('workbench.steps.start-begin')
<section class="tool" aria-labelledby="s-packages"><h2 id="s-packages">Theme packages <small>open design tokens in a zip</small></h2>
  <p><a class="act" href="{{ $bench->address('theme.zip') }}">Export {{ $bench->input()->theme->title }} with this look as a starter</a></p>
  @if ($edits)
  <form class="library-form" hx-post="{{ $bench->address('themes') }}" hx-encoding="multipart/form-data" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML" hx-indicator="#package-busy"><label for="package">Bring a theme in: a zip, checked in full before anything is written</label><input type="file" id="package" name="package" accept=".zip,application/zip" required><button class="act">Check it and bring it in</button></form>
  <p id="package-busy" class="library-busy" role="status"><progress aria-label="Checking the package"></progress> Checking the package…</p>
  @endif
</section>
@if ($merge !== null)@include('workbench.steps.start-upgrade')@endif
@include('workbench.steps.start-looks')
<section class="tool" aria-labelledby="s-shape"><h2 id="s-shape">Shape of things</h2>
  @foreach ($bench->parts() as $part)
  @foreach ($bench->settingsOf($part) as $setting)
  @include('workbench.parts.control', ['setting' => $setting, 'resolution' => $bench->input()->look->at($setting->path)])
  @endforeach
  @endforeach
</section>
@include('workbench.parts.original')
@endif
