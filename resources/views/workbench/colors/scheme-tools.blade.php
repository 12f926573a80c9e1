@use('Ikat\Core\Look\SchemeUses')
@if ($edits)
<div class="scheme-tools flex flex-wrap items-baseline gap-x-3.5 gap-y-0.5 pt-1">
  <x-fold keep="make-scheme" title="New scheme">
    <form class="make-scheme grid justify-items-start gap-1.5 pt-1" hx-post="{{ $bench->address('schemes') }}">
      @foreach (['ground' => 'Background', 'brand' => 'Color'] as $name => $words)
      @php($first = $name === 'ground' ? array_key_first($theme->brandColors) : (array_keys($theme->brandColors)[3] ?? ''))
      <fieldset class="flex flex-wrap items-center gap-0.75"><legend class="float-left w-13">{{ $words }}</legend>
        @foreach ($theme->brandColors as $key => $label)
        <label class="relative inline-block size-6.5 cursor-pointer" title="{{ $label }}"><input class="peer absolute inset-0 size-6.5! cursor-pointer opacity-0" type="radio" name="{{ $name }}"
          value="{{ $key }}" @checked($key === $first)><x-swatch
          class="m-0.5 block peer-checked:outline-3 peer-checked:outline-blue peer-focus-visible:outline-3 peer-focus-visible:outline-blue peer-focus-visible:shadow-[0_0_0_5px_#fff]"
          :colors="[$input->look->text('brand.'.$key)]" w="22" h="22"/><span class="sr-only">{{ $label }}</span></label>
        @endforeach
      </fieldset>
      @endforeach
      <button class="act">Make it: all other roles are proposed</button>
    </form>
  </x-fold>
  <form hx-post="{{ $bench->address('schemes/copy') }}"><input type="hidden" name="key" value="{{ $panel->scheme }}"><button class="act">Duplicate</button></form>
  <x-fold keep="name-scheme" title="Rename">
    <form class="rename flex gap-2.5 pt-1" hx-post="{{ $bench->address('edits') }}"><input type="hidden" name="path" value="name.scheme.{{ $panel->scheme }}"><label class="sr-only"
      for="scheme-name">Name of the scheme</label>
      <input class="entry" id="scheme-name" name="value" value="{{ $theme->schemes[$panel->scheme] }}" maxlength="24"><button class="act">Name it</button></form>
  </x-fold>
  @if (count($theme->schemes) > 1)
  @php($wearers = SchemeUses::of($input->look, $theme, $panel->scheme))
  @php($heirs = array_diff_key($theme->schemes, [$panel->scheme => true], $bench->departures()))
  <x-fold keep="remove-scheme" title="Remove">
    <form class="remove grid justify-items-start gap-1.5 pt-1" hx-post="{{ $bench->address('schemes/remove') }}"><input type="hidden" name="key" value="{{ $panel->scheme }}">
      <label for="scheme-heir">{{ match (count($wearers)) {
          0 => 'No part has it. Should one be found later, it gets',
          1 => '1 part has it. It will get',
          default => count($wearers).' parts have it. They will get',
      } }}</label>
      @include('workbench.colors.heirs', ['id' => 'scheme-heir', 'rows' => count($wearers) > 1 ? array_combine(array_column($wearers, 'path'), array_column($wearers, 'label')) : []])
      <button class="act">Remove {{ $theme->schemes[$panel->scheme] }}</button>
    </form>
  </x-fold>
  @endif
</div>
@endif
