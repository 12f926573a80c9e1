@use('Ikat\Core\Palette\BrandFollowers')
@use('Ikat\Core\Setting\SettingPath')
@php($colors = $bench->address('colors'))
<div class="items" data-items="palette.brand" data-url="{{ $bench->address('edits') }}">
<ol class="item-list brand-list mt-0.75 grid grid-cols-1 border-t border-thread" @if ($edits) data-sortable @endif aria-label="Brand colors in their order">
  @foreach ($theme->brandColors as $key => $label)
  @php($path = "brand.$key")
  @php($followers = count(BrandFollowers::direct($input->look, $path)))
  <x-row :data-name="$key" :data-reach="$path" :isOpen="$panel->selected === $path" :hasGrip="$edits" :name="$label" class="min-h-7!">
    <a class="item-name min-w-0 flex-1 truncate py-1" href="{{ $colors }}?open_part=brand&amp;open_path={{ $path }}"
      hx-get="{{ $colors }}?open_part=brand&amp;open_scheme={{ $panel->scheme }}&amp;open_path={{ $path }}"
      @if ($panel->selected === $path) aria-current="true" @endif><x-swatch class="inline-block align-[-3px]" :colors="[$input->look->text($path)]" w="30"/> <b>{{ $label }}</b>
      <span class="text-ink-2">{{ $followers === 0 ? 'nothing linked to it' : ($followers === 1 ? '1 color linked' : "$followers linked") }}</span></a>
    @if ($edits)
    <x-slot:tools>
      <x-row-tool icon="arrow-up" :label="'Move '.$label.' up'" data-move="-1" :disabled="$loop->first"/>
      <x-row-tool icon="arrow-down" :label="'Move '.$label.' down'" data-move="1" :disabled="$loop->last"/>
    </x-slot:tools>
    @endif
  </x-row>
  @endforeach
</ol>
</div>
@if ($edits)
@php($chosen = SettingPath::of($panel->selected)->brand)
@php($chosen = isset($theme->brandColors[$chosen ?? '']) ? $chosen : null)
<div class="scheme-tools flex flex-wrap items-baseline gap-x-3.5 gap-y-0.5 pt-1">
  <form hx-post="{{ $bench->address('brand') }}"><input type="hidden" name="like" value="{{ $chosen }}"><button class="act">Add a color</button></form>
  @if ($chosen !== null)
  <x-fold keep="name-brand" :title="'Rename '.$theme->brandColors[$chosen]">
    <form class="rename flex gap-2.5 pt-1" hx-post="{{ $bench->address('edits') }}"><input type="hidden" name="path" value="name.brand.{{ $chosen }}"><label class="sr-only"
      for="brand-name">Name of the brand color</label>
      <input class="entry" id="brand-name" name="value" value="{{ $theme->brandColors[$chosen] }}" maxlength="24"><button class="act">Name it</button></form>
  </x-fold>
  @if (count($theme->brandColors) > 1)
  @php($followers = BrandFollowers::direct($input->look, "brand.$chosen"))
  @php($heirs = array_diff_key($theme->brandColors, [$chosen => true]))
  <x-fold keep="remove-brand" :title="'Remove '.$theme->brandColors[$chosen]">
    <form class="remove grid justify-items-start gap-1.5 pt-1" hx-post="{{ $bench->address('brand/remove') }}"><input type="hidden" name="key" value="{{ $chosen }}">
      <label for="brand-heir">{{ match (count($followers)) {
          0 => 'Nothing is linked to it. What another theme would link to it is linked to',
          1 => '1 color is linked to it. It will be linked to',
          default => count($followers).' colors are linked to it. They will be linked to',
      } }}</label>
      @include('workbench.colors.heirs', ['id' => 'brand-heir', 'rows' => array_combine($followers, array_map(fn ($path) => $bench->setting($path)->label, $followers))])
      <button class="act">Remove {{ $theme->brandColors[$chosen] }}</button>
    </form>
  </x-fold>
  @endif
  @endif
</div>
@endif
