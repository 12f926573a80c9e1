<div class="items" data-items="palette.brand" data-url="{{ $bench->address('edits') }}">
<ol class="item-list brand-list" @if ($edits) data-sortable @endif aria-label="Brand colors in their order">
  @foreach ($theme->brandColors as $key => $label)
  @php($path = "brand.$key")
  @php($followers = Ikat\Core\Palette\BrandFollowers::direct($input->look, $path))
  <li data-name="{{ $key }}" data-reach="{{ $path }}" @class(['item', 'is-open' => $panel->selected === $path])>
    @if ($edits)<span class="grip-handle" aria-hidden="true"><x-icon name="grip-vertical"/></span>@endif
    <a class="item-name" href="{{ $bench->address('colors') }}?open_part=brand&amp;open_path={{ $path }}" hx-get="{{ $bench->address('colors') }}?open_part=brand&amp;open_scheme={{ $panel->scheme }}&amp;open_path={{ $path }}" @if ($panel->selected === $path) aria-current="true" @endif><svg class="swatch" viewBox="0 0 30 16" aria-hidden="true"><rect width="30" height="16" fill="{{ $input->look->text($path) }}"/></svg> <b>{{ $label }}</b> <span>{{ count($followers) === 0 ? 'nothing follows it' : (count($followers) === 1 ? '1 color follows' : count($followers).' follow') }}</span></a>
    @if ($edits)
    <span class="item-tools">
      <button type="button" class="item-tool-button" data-move="-1" aria-label="Move {{ $label }} up" @disabled($loop->first)><x-icon name="arrow-up"/></button>
      <button type="button" class="item-tool-button" data-move="1" aria-label="Move {{ $label }} down" @disabled($loop->last)><x-icon name="arrow-down"/></button>
    </span>
    @endif
  </li>
  @endforeach
</ol>
</div>
@if ($edits)
@php($chosen = isset($theme->brandColors[Ikat\Core\Setting\SettingPath::of($panel->selected)->brand ?? '']) ? Ikat\Core\Setting\SettingPath::of($panel->selected)->brand : null)
<div class="scheme-tools">
  <form hx-post="{{ $bench->address('brand') }}"><input type="hidden" name="like" value="{{ $chosen }}"><button class="act">Add a color</button></form>
  @if ($chosen !== null)
  <details data-keep="name-brand"><summary class="act">Rename {{ $theme->brandColors[$chosen] }}</summary>
    <form class="rename" hx-post="{{ $bench->address('edits') }}"><input type="hidden" name="path" value="name.brand.{{ $chosen }}"><label class="hidden-words" for="brand-name">Name of the brand color</label><input class="entry" id="brand-name" name="value" value="{{ $theme->brandColors[$chosen] }}" maxlength="24"><button class="act">Name it</button></form>
  </details>
  @if (count($theme->brandColors) > 1)
  @php($followers = Ikat\Core\Palette\BrandFollowers::direct($input->look, "brand.$chosen"))
  <details data-keep="remove-brand"><summary class="act">Remove {{ $theme->brandColors[$chosen] }}</summary>
    <form class="remove" hx-post="{{ $bench->address('brand/remove') }}"><input type="hidden" name="key" value="{{ $chosen }}">
      <label for="brand-heir">{{ $followers === [] ? 'Nothing follows it. What another theme would let follow it follows' : (count($followers) === 1 ? '1 color follows it. It will follow' : count($followers).' colors follow it. They will follow') }}</label>
      <select class="entry" id="brand-heir" name="heir">@foreach ($theme->brandColors as $key => $label)@if ((string) $key !== $chosen)<option value="{{ $key }}">{{ $label }}</option>@endif @endforeach</select>
      @if ($followers !== [])
      <ul class="heirs">@foreach ($followers as $path)<li><label for="heir-{{ $loop->index }}">{{ $bench->setting($path)->label }}</label><select class="entry" id="heir-{{ $loop->index }}" name="instead[{{ $path }}]"><option value="">as above</option>@foreach ($theme->brandColors as $key => $label)@if ((string) $key !== $chosen)<option value="{{ $key }}">{{ $label }}</option>@endif @endforeach</select></li>@endforeach</ul>
      @endif
      <button class="act">Remove {{ $theme->brandColors[$chosen] }}</button>
    </form>
  </details>
  @endif
  @endif
</div>
@endif
