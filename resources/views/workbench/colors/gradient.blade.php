@php($set = $panel->set())
@php($path = $set->path('gradient'))
@php($written = $input->look->text($path))
@php($isPlain = $written === '')
@php($gradient = $isPlain ? null : Ikat\Core\Setting\Gradient::parse($written))
@php($hexOf = fn (string $color): string => Ikat\Core\Color\Color::parse(Ikat\Core\Setting\Alias::target($color) === null ? $color : $input->look->text(Ikat\Core\Setting\Alias::target($color)))->hex())
@if ($isPlain)
@php($second = array_key_last($theme->brandColors))
@foreach ($theme->brandColors as $key => $label)@if ($input->look->text("brand.$key") !== $input->look->text($set->path('ground')) && Ikat\Core\Color\Contrast::isDark(Ikat\Core\Color\Color::parse($input->look->text("brand.$key"))) === Ikat\Core\Color\Contrast::isDark(Ikat\Core\Color\Color::parse($input->look->text($set->path('ground')))))@php($second = $key)@break @endif @endforeach
@php($from = '{'.$set->path('ground').'}')
@php($to = '{brand.'.$second.'}')
<p>Plain{{ $edits ? '.' : '' }} @if ($edits)<button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => $path, 'value' => "linear-gradient(135deg, $from 0%, $to 100%)"]) }}">Let it run straight</button> <button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => $path, 'value' => "radial-gradient(circle at 50% 40%, $to 0%, $from 100%)"]) }}">Let it run outward</button>@endif</p>
@else
@php($stops = array_map(fn ($s) => [...$s, 'hex' => $hexOf($s['color'])], $gradient->stops))
<div class="gradient" data-gradient data-path="{{ $path }}" data-url="{{ $bench->address('edits') }}" data-property="{{ $bench->setting($path)->property() }}" data-locked="{{ $edits ? '' : 'yes' }}" data-written="{{ $written }}" data-value="{{ json_encode(['angle' => $gradient->angle, 'x' => $gradient->x, 'y' => $gradient->y, 'stops' => $stops]) }}">
  <div class="gradient-board">
    <div class="gradient-cloth" data-gradient-cloth></div>
    <svg viewBox="0 0 398 132" role="group" aria-label="The ground, with its direction and its stops"><path class="axis" d="M12 112H386"/><g data-gradient-way></g><g data-gradient-stops></g></svg>
  </div>
  <div class="gradient-tools">
    <span class="way-row" role="group" aria-label="Kind"><button type="button" class="act" data-gradient-kind="linear" aria-pressed="{{ $gradient->angle !== null ? 'true' : 'false' }}">straight</button> <button type="button" class="act" data-gradient-kind="radial" aria-pressed="{{ $gradient->angle === null ? 'true' : 'false' }}">outward</button></span>
    @if ($edits)<button type="button" class="act" data-gradient-add>Add a stop</button> <button type="button" class="act" data-gradient-drop>Take the stop out</button>
    <button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => $path, 'value' => '']) }}">Plain again</button>@endif
  </div>
  @if ($edits)
  <div class="chip-row" role="toolbar" data-roving aria-label="Color of the open stop"><span>Stop</span>
    @foreach ([$set->path('ground') => 'the ground', ...array_combine(array_map(fn ($key) => "brand.$key", array_keys($theme->brandColors)), array_values($theme->brandColors))] as $followed => $label)<button type="button" class="chip" tabindex="{{ $loop->first ? 0 : -1 }}" data-gradient-color="{{ '{'.$followed.'}' }}" data-hex="{{ $input->look->text($followed) }}" aria-label="Stop follows {{ $label }}" title="{{ $label }}"><svg viewBox="0 0 24 24" aria-hidden="true"><rect width="24" height="24" fill="{{ $input->look->text($followed) }}"/></svg></button>@endforeach
    <label class="stop-own">own <input class="entry" data-gradient-own size="9" spellcheck="false" autocomplete="off" aria-label="Any CSS color for the open stop"></label>
  </div>
  @endif
  <p class="why" data-gradient-words role="status"></p>
</div>
@endif
