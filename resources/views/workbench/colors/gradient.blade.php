@use('Ikat\Core\Color\Color')
@use('Ikat\Core\Color\Contrast')
@use('Ikat\Core\Setting\Alias')
@use('Ikat\Core\Setting\Gradient')
@php($set = $panel->set())
@php($path = $set->path('gradient'))
@php($written = $input->look->text($path))
@php($ground = $input->look->text($set->path('ground')))
@php($hexOf = fn (string $color): string => Color::parse(Alias::target($color) === null ? $color : $input->look->text(Alias::target($color)))->hex())
@if ($written === '')
@php($isDark = fn (string $hex): bool => Contrast::isDark(Color::parse($hex)))
@php($alike = array_filter(array_keys($theme->brandColors), fn ($key) => ($hex = $input->look->text("brand.$key")) !== $ground && $isDark($hex) === $isDark($ground)))
@php($from = '{'.$set->path('ground').'}')
@php($to = '{brand.'.(array_values($alike)[0] ?? array_key_last($theme->brandColors)).'}')
<p>Plain{{ $edits ? '.' : '' }}
  @if ($edits)
  <x-edit :$bench :$path :value="'linear-gradient(135deg, '.$from.' 0%, '.$to.' 100%)'">Let it run straight</x-edit>
  <x-edit :$bench :$path :value="'radial-gradient(circle at 50% 40%, '.$to.' 0%, '.$from.' 100%)'">Let it run outward</x-edit>
  @endif</p>
@else
@php($gradient = Gradient::parse($written))
@php($stops = array_map(fn ($s) => [...$s, 'hex' => $hexOf($s['color'])], $gradient->stops))
<div class="gradient pb-1" data-gradient data-path="{{ $path }}" data-url="{{ $bench->address('edits') }}" data-property="{{ $bench->setting($path)->property() }}"
  data-locked="{{ $edits ? '' : 'yes' }}"
  data-written="{{ $written }}" data-value="{{ json_encode(['angle' => $gradient->angle, 'x' => $gradient->x, 'y' => $gradient->y, 'stops' => $stops]) }}">
  <div class="gradient-board">
    <div class="h-24 outline outline-thread-2" data-gradient-cloth></div>
    <svg viewBox="0 0 398 132" role="group" aria-label="The background, with its direction and its stops"><path class="axis" d="M12 112H386"/><g data-gradient-way></g><g data-gradient-stops></g></svg>
  </div>
  <div class="flex flex-wrap gap-x-3.5 gap-y-0.5 pb-0.75">
    <span class="flex gap-2.5" role="group" aria-label="Kind">
      <button type="button" class="act" data-gradient-kind="linear" aria-pressed="{{ $gradient->angle !== null ? 'true' : 'false' }}">straight</button>
      <button type="button" class="act" data-gradient-kind="radial" aria-pressed="{{ $gradient->angle === null ? 'true' : 'false' }}">outward</button></span>
    @if ($edits)<button type="button" class="act" data-gradient-add>Add a stop</button> <button type="button" class="act" data-gradient-drop>Take the stop out</button>
    <x-edit :$bench :$path value="">Plain again</x-edit>@endif
  </div>
  @if ($edits)
  @php($brand = array_combine(array_map(fn ($key) => "brand.$key", array_keys($theme->brandColors)), array_values($theme->brandColors)))
  <x-chips words="Stop" label="Color of the open stop">
    @foreach ([$set->path('ground') => 'the background', ...$brand] as $followed => $label)
    <x-chip :color="$input->look->text($followed)" :isFirst="$loop->first" :data-gradient-color="'{'.$followed.'}'" :data-hex="$input->look->text($followed)" :aria-label="'Stop linked to '.$label"
      :title="$label"/>
    @endforeach
    <label class="ml-2 flex items-center gap-1.5">own <input class="entry min-h-6 w-23" data-gradient-own size="9" spellcheck="false" autocomplete="off"
      aria-label="Any CSS color for the open stop"></label>
  </x-chips>
  @endif
  <p class="why col-span-full text-[12px] text-ink-2" data-gradient-words role="status"></p>
</div>
@endif
