@php($bases = $panel->bases)
@php($look = $bench->look)
@php($base = $bases->standing($look))
@php($edits = $bench->edits())
@php($asked = $panel->askedBase())
@php($merge = $asked === null ? $panel->upgrade() : null)
@php($start = $bench->address('start'))
<div class="bench-head"><h1>Start</h1><p>{{ $bench->inspection()->theme->title }} {{ $base->version }}, {{ $bench->inspection()->theme->starters[$base->starter]->title }}</p></div>
@if ($asked !== null)
@include('workbench.start.taking')
@else
<section class="tool" aria-labelledby="s-bases"><h2 id="s-bases">Themes <small>point at a starter to try it on</small></h2>
  <p><button type="button" class="act" data-compare="{{ json_encode(array_map(fn ($t) => ['trial' => $t->name === $base->theme ? '' : $panel->trial($t), 'caption' => $t->title.($t->name === $base->theme ? ', in use' : '')], $bases->themes())) }}">See them side by side</button> on your own goods, in the shop window.</p>
  <ol class="bases">
    @foreach ($bases->themes() as $theme)
    @php($isNow = $theme->name === $base->theme)
    <li @class(['base', 'is-now' => $isNow]) id="base-{{ $theme->name }}">
      <div class="base-page" aria-hidden="true" inert><iframe id="base-page-{{ $theme->name }}" title="{{ $theme->title }} on your home page" tabindex="-1" src="/preview/{{ $look->id }}/now{{ $isNow ? '' : '~'.$panel->trial($theme) }}/shop/{{ $look->storefront->slug }}/"></iframe></div>
      <div class="base-words">
        <h3>{{ $theme->title }} @if ($bases->isBrought($theme))<small>brought in by you</small> @endif @if ($isNow)<strong class="in-use">in use</strong>@endif</h3>
        <p>{{ $theme->words }}</p>
        @if ($theme->suits !== '')<p><b>Suits</b> {{ lcfirst($theme->suits) }}</p>@endif
        @if ($theme->offers !== [])<details><summary>What it does its own way</summary><ul>@foreach ($theme->offers as $offer)<li>{{ $offer }}</li>@endforeach</ul></details>@endif
        @if ($edits && $bases->isBrought($theme) && ! $isNow)<form hx-post="{{ $bench->address('themes/remove') }}"><input type="hidden" name="theme" value="{{ $theme->name }}"><button class="act">Remove {{ $theme->title }} from the shelf</button></form>@endif
        <p class="quiet">Version {{ $isNow ? $base->version : $theme->version }} by {{ $theme->maker }}</p>
        <ul class="starters" aria-label="Starters of {{ $theme->title }}">
          @foreach ($theme->starters as $starter)
          @php($isThis = $isNow && $starter->name === $base->starter)
          <li><a href="{{ $start }}?theme={{ $theme->name }}&amp;starter={{ $starter->name }}" @class(['starter', 'is-now' => $isThis]) @if ($isThis) aria-current="true" @endif data-try="{{ $isThis ? '' : $panel->trial($theme, $starter) }}" hx-get="{{ $start }}?theme={{ $theme->name }}&amp;starter={{ $starter->name }}">
            <svg viewBox="0 0 60 14" preserveAspectRatio="none" aria-hidden="true">@foreach ($bases->colors($theme, $starter) as $i => $color)<rect x="{{ $i * 6 }}" width="6" height="14" fill="{{ $color }}"/>@endforeach</svg>
            <span>{{ $starter->title }}@if ($isThis)<span class="hidden-words">, in use</span>@endif</span></a></li>
          @endforeach
        </ul>
      </div>
    </li>
    @endforeach
  </ol>
</section>
@include('workbench.start.begin')
<section class="tool" aria-labelledby="s-packages"><h2 id="s-packages">Theme packages <small>open design tokens in a zip</small></h2>
  <p><a class="act" href="{{ $bench->address('theme.zip') }}">Export {{ $bench->inspection()->theme->title }} with this look as a starter</a></p>
  @if ($edits)
  <form class="library-form" hx-post="{{ $bench->address('themes') }}" hx-encoding="multipart/form-data" hx-indicator="#package-busy"><label for="package">Bring a theme in: a zip, checked in full before anything is written</label><input type="file" id="package" name="package" accept=".zip,application/zip" required><button class="act">Check it and bring it in</button></form>
  <p id="package-busy" class="library-busy" role="status"><progress aria-label="Checking the package"></progress> Checking the package…</p>
  @endif
</section>
@if ($merge !== null)@include('workbench.start.upgrade')@endif
@include('workbench.start.looks')
<section class="tool" aria-labelledby="s-shape"><h2 id="s-shape">Shape of things</h2>
  @foreach ($panel->parts() as $part)
  @foreach ($panel->settingsOf($part) as $setting)
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $bench->inspection()->look->at($setting->path)])
  @endforeach
  @endforeach
</section>
@include('workbench.shell.original')
@endif
