@if ($edits)
@php($brand = array_map(fn ($key) => $input->look->text("brand.$key"), array_keys($theme->brandColors)))
@php($brand = array_combine(array_keys($theme->brandColors), $brand))
<div class="scheme-tools">
  <details data-keep="make-scheme"><summary class="act">New scheme</summary>
    <form class="make-scheme" hx-post="{{ $bench->address('schemes') }}">
      @foreach (['ground' => 'Ground', 'brand' => 'Color'] as $name => $words)
      <fieldset class="swatch-row"><legend>{{ $words }}</legend>@foreach ($theme->brandColors as $key => $label)<label title="{{ $label }}"><input type="radio" name="{{ $name }}" value="{{ $key }}" @checked($key === ($name === 'ground' ? array_key_first($theme->brandColors) : (array_keys($theme->brandColors)[3] ?? '')))><svg viewBox="0 0 24 24" aria-hidden="true"><rect width="24" height="24" fill="{{ $brand[$key] }}"/></svg><span class="hidden-words">{{ $label }}</span></label>@endforeach</fieldset>
      @endforeach
      <button class="act">Make it: all other roles are proposed</button>
    </form>
  </details>
  <form hx-post="{{ $bench->address('schemes/copy') }}"><input type="hidden" name="key" value="{{ $panel->scheme }}"><button class="act">Duplicate</button></form>
  <details data-keep="name-scheme"><summary class="act">Rename</summary>
    <form class="rename" hx-post="{{ $bench->address('edits') }}"><input type="hidden" name="path" value="name.scheme.{{ $panel->scheme }}"><label class="hidden-words" for="scheme-name">Name of the scheme</label><input class="entry" id="scheme-name" name="value" value="{{ $theme->schemes[$panel->scheme] }}" maxlength="24"><button class="act">Name it</button></form>
  </details>
  @if (count($theme->schemes) > 1)
  @php($wearers = Ikat\Core\Look\SchemeUses::of($input->look, $theme, $panel->scheme))
  <details data-keep="remove-scheme"><summary class="act">Remove</summary>
    <form class="remove" hx-post="{{ $bench->address('schemes/remove') }}"><input type="hidden" name="key" value="{{ $panel->scheme }}">
      <label for="scheme-heir">{{ $wearers === [] ? 'No part wears it. Should one be found later, it wears' : (count($wearers) === 1 ? '1 part wears it. It will wear' : count($wearers).' parts wear it. They will wear') }}</label>
      <select class="entry" id="scheme-heir" name="heir" data-heir>@foreach ($theme->schemes as $key => $label)@if ((string) $key !== $panel->scheme)<option value="{{ $key }}">{{ $label }}</option>@endif @endforeach</select>
      @if (count($wearers) > 1)
      <ul class="heirs">@foreach ($wearers as $setting)<li><label for="heir-{{ $loop->index }}">{{ $setting->label }}</label><select class="entry" id="heir-{{ $loop->index }}" name="instead[{{ $setting->path }}]"><option value="">as above</option>@foreach ($theme->schemes as $key => $label)@if ((string) $key !== $panel->scheme)<option value="{{ $key }}">{{ $label }}</option>@endif @endforeach</select></li>@endforeach</ul>
      @endif
      <button class="act">Remove {{ $theme->schemes[$panel->scheme] }}</button>
    </form>
  </details>
  @endif
</div>
@endif
