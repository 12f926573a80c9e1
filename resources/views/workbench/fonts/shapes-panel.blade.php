@use('Ikat\Core\Setting\Catalog\Parts')
@php($look = $panel->look())
@php($edits = $bench->edits())
<x-heading title="Fonts">the shape of things on every page</x-heading>
@include('workbench.fonts.tabs', ['isShapes' => true])
<div class="flex flex-col gap-2.25">
<x-tool id="t-shapes" title="Shapes to begin with" note="point at one to try it on">
  <ul class="shapes grid gap-0.5" data-drawing aria-label="Shapes to begin with">
    @foreach ($panel->starters() as $key => $shape)
    <li><button type="button" @class([
      'shape grid w-full cursor-pointer grid-cols-[96px_minmax(0,1fr)] items-center gap-x-3 border-b border-thread px-1.5 py-1.5 text-left',
      'is-now bg-blue-wash' => $shape['isNow'],
    ])
      data-mark data-worn="{{ json_encode($shape['worn']) }}" tabindex="{{ $loop->first ? 0 : -1 }}" @if ($shape['isNow']) aria-current="true" data-try="" @else
        data-try="{{ $bench->trial($shape['changes']) }}" @endif
      @if ($edits && ! $shape['isNow']) hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($shape['changes'])]) }}" @endif>
      <svg class="shape-sketch" width="96" height="40" viewBox="0 0 96 40" aria-hidden="true">
        @php($radius = $shape['changes']['shape.radius'])
        <rect class="sketch-button" x="1" y="8" width="46" height="24" rx="{{ ['square' => 0, 'soft' => min(12, $radius), 'pill' => 12][$shape['changes']['shape.button']] }}"/>
        <rect class="sketch-picture" x="56" y="3" width="38" height="34" rx="{{ min(17, $radius) }}" stroke-width="{{ $shape['changes']['shape.border'] }}"/></svg>
      <span class="grid"><b>{{ $shape['title'] }}</b><span class="text-[12px] text-ink-2">{{ $shape['words'] }}{{ $shape['isNow'] ? ': in use' : '' }}</span></span></button></li>
    @endforeach
  </ul>
</x-tool>
<x-tool id="t-shape" title="Measures" note="also dragged on the drawing">
  <div class="voice-fields grid grid-cols-2 gap-x-3">
  @foreach ($panel->settings() as $setting)
  <div>@include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])</div>
  @endforeach
  </div>
</x-tool>
<x-tool id="t-figures" title="Can it be hit, can it be seen" note="as they come out, in {{ $bench->inspection()->theme->schemes[$panel->scheme()] ?? $panel->scheme() }}">
  <table class="w-full text-[12.5px]"><tbody>
    @foreach ($panel->figures() as $figure)
    <tr class="border-b border-thread"><th scope="row" class="py-1 text-left font-normal">{{ ucfirst($figure['what']) }}</th><td class="font-semibold">{{ $figure['has'] }}</td>
      <td class="text-ink-2">{{ $figure['needs'] }}</td><td class="text-right">{{ $figure['holds'] ? 'holds' : 'too little' }}</td></tr>
    @endforeach
  </tbody></table>
  <p class="pt-1 text-[12px] text-ink-2">Targets: WCAG 2.2, 2.5.8 and 2.5.5. Edges: 1.4.11. Nothing rises or fades for those who asked their device for less motion.</p>
</x-tool>
</div>
@include('workbench.shell.original')
