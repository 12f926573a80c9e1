@php($bases = $panel->bases)
@php($look = $bench->look)
@php($base = $bases->standing($look))
@php($edits = $bench->edits())
@php($asked = $panel->askedBase())
@php($merge = $asked === null ? $panel->upgrade() : null)
@php($start = $bench->address('start'))
<x-heading title="Start">{{ $bench->inspection()->theme->title }} {{ $base->version }}, {{ $bench->inspection()->theme->starters[$base->starter]->title }}</x-heading>
@if ($asked !== null)
@include('workbench.start.taking')
@else
@php($compared = array_map(fn ($t) => ['trial' => $t->name === $base->theme ? '' : $panel->trial($t), 'caption' => $t->title.($t->name === $base->theme ? ', in use' : '')], $bases->themes()))
<x-tool id="s-bases" title="Themes" note="what each is for">
  <p><button type="button" class="act" data-compare="{{ json_encode($compared) }}">See them side by side</button> in the shop window, as large as it is.</p>
  <ol class="mt-2 grid gap-2.5">
    @foreach ($bases->themes() as $theme)
    @php($isNow = $theme->name === $base->theme)
    <li @class(['grid gap-0.75 pl-2.5', 'shadow-[inset_2px_0_var(--color-blue)]' => $isNow, 'shadow-[inset_2px_0_var(--color-thread-2)]' => ! $isNow])>
      <h3 class="font-semibold">{{ $theme->title }}
        <small class="text-ink-2">{{ $isNow ? "$base->version, in use" : $theme->version }}, by {{ $bases->isBrought($theme) ? 'you' : $theme->maker }}</small></h3>
      <p>{{ $theme->words }}@if ($theme->suits !== '') Suits {{ lcfirst($theme->suits) }}@endif</p>
      @if ($theme->offers !== [])<details><summary>What it does its own way</summary><ul
        class="list-disc pl-4.5">@foreach ($theme->offers as $offer)<li>{{ $offer }}</li>@endforeach</ul></details>@endif
      @if ($edits && $bases->isBrought($theme) && ! $isNow)
      <form hx-post="{{ $bench->address('themes/remove') }}"><input type="hidden" name="theme" value="{{ $theme->name }}"><button class="act">Remove {{ $theme->title }} from the shelf</button></form>
      @endif
    </li>
    @endforeach
  </ol>
</x-tool>
@include('workbench.start.begin')
<x-tool id="s-packages" title="Theme packages" note="open design tokens in a zip">
  <p><a class="act" href="{{ $bench->address('theme.zip') }}">Export {{ $bench->inspection()->theme->title }} with this look as a starter</a></p>
  @php($fonts = $panel->ownFonts())
  @if ($fonts['along'] !== [])<p class="text-[12.5px] text-ink-2">Your own {{ count($fonts['along']) === 1 ? 'font goes' : 'fonts go' }} along: {{ implode(', ', $fonts['along']) }}.</p>@endif
  @if ($fonts['left'] !== [])<p class="text-[12.5px] text-ink-2">{{ implode(', ', $fonts['left']) }} {{ count($fonts['left']) === 1 ? 'stays' : 'stay' }} here: the license written in
    the font does not let it be handed on. Whoever takes the theme sees the theme’s own font in its place.</p>@endif
  @if ($edits)
  <form class="grid justify-items-start gap-1 pt-1.5" hx-post="{{ $bench->address('themes') }}" hx-encoding="multipart/form-data" hx-target="#package-asked"
    hx-swap="innerHTML" hx-disabled-elt="find button" hx-indicator="#package-busy">
    <label for="package">Bring a theme in: a zip, checked in full before anything is written</label><input type="file" id="package" name="package" accept=".zip,application/zip" required>
    <div id="package-asked" class="grid justify-items-start gap-1" aria-live="polite"><button class="act">Check it and bring it in</button></div></form>
  <x-busy id="package-busy" words="Checking the package"/>
  @endif
</x-tool>
@if ($merge !== null)@include('workbench.start.upgrade')@endif
@include('workbench.start.looks')
@if ($panel->parts() !== [])
<x-tool id="s-own" title="Of this theme alone">
  @foreach ($panel->parts() as $part)
  @foreach ($panel->settingsOf($part) as $setting)
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $bench->inspection()->look->at($setting->path)])
  @endforeach
  @endforeach
</x-tool>
@endif
@include('workbench.shell.original')
@endif
