<main class="window" aria-label="Shop window" data-window data-preview="/preview/{{ $bench->look->id }}" data-shop="/shop/{{ $bench->look->storefront->slug }}">
  <div class="windowbar">
    <label class="pick-page">Page <select data-page>@foreach (['Pages' => false, 'When something happened' => true] as $group => $areStates)<optgroup label="{{ $group }}">@foreach ($bench->pages->paths() as $key => $path)@if (App\Storefront\SamplePages::isState($key) === $areStates)<option value="{{ $key }}" data-path="{{ $path }}">{{ App\Storefront\SamplePages::labels()[$key] }}</option>@endif @endforeach</optgroup>@endforeach</select></label>
    <div class="modes" role="group" aria-label="Device">
      <button type="button" data-press="phone" data-device="phone" aria-pressed="false"><x-icon name="smartphone"/><span>Phone</span></button>
      <button type="button" data-press="tablet" data-device="tablet" aria-pressed="false"><x-icon name="tablet"/><span>Tablet</span></button>
      <button type="button" data-press="desktop" data-device="desktop" aria-pressed="true"><x-icon name="monitor"/><span>Desktop</span></button>
      <button type="button" data-turn aria-pressed="false"><x-icon name="rotate-cw"/><span>Turn</span></button>
    </div>
    <div class="modes" role="group" aria-label="View">
      <button type="button" data-view="devices" aria-label="Three devices" title="Three devices" aria-pressed="false"><x-icon name="columns-3"/><span>Three devices</span></button>
      <button type="button" data-view="pages" aria-label="Five pages" title="Five pages" aria-pressed="false"><x-icon name="panels-top-left"/><span>Five pages</span></button>
      <button type="button" data-view="then" aria-label="Then and now" title="Then and now" data-press="then" aria-pressed="false"><x-icon name="square-split-horizontal"/><span>Then and now</span></button>
    </div>
    <button type="button" class="point-button" data-point aria-pressed="false" title="What is this made of?" aria-label="Point at something in the window to see what it is made of"><x-icon name="crosshair"/></button>
    <button type="button" class="point-button" data-dark aria-pressed="false" title="As a device shows it that asks for dark" aria-label="As a device shows it that asks for dark surroundings"><x-icon name="moon"/></button>
    <label class="clock"><span class="hidden-words">The shop as it is at</span><x-icon name="clock"/><input type="datetime-local" data-clock aria-describedby="clock-words"><button type="button" data-clock-now hidden>now</button></label><output class="scale" data-scale aria-label="Scale"></output>
  </div>
  <div class="stage" data-stage></div>
  <p class="clock-words" id="clock-words" role="status" data-clock-words></p>
  <label class="seam" data-seam hidden><span class="hidden-words">Seam between the live shop and your draft</span><input type="range" min="0" max="100" value="50"></label>
</main>
