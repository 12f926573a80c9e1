@php($bases = $panel->bases)
@php($look = $bench->look)
@php($base = $bases->standing($look))
@php($start = $bench->address('start'))
<ol class="grid auto-cols-[minmax(258px,1fr)] grid-flow-col gap-5" data-drawing aria-label="Themes">
  @foreach ($bases->themes() as $theme)
  @include('workbench.start.theme', ['isNow' => $theme->name === $base->theme])
  @endforeach
</ol>
