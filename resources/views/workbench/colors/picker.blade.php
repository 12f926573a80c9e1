@php($value = $input->look->text($panel->selected))
@php([$l, $c, $h] = Ikat\Core\Color\Color::parse($value)->to(Ikat\Core\Color\ColorSpace::Oklch)->coordinates())
@php($setting = $bench->setting($panel->selected))
<div class="picker" data-picker data-path="{{ $panel->selected }}" data-property="{{ $setting->property() }}" data-value="{{ $value }}" data-url="{{ $bench->address('edits') }}" data-locked="{{ $edits ? '' : 'yes' }}">
  <div class="plane" data-plane title="Up: lightness. Across: chroma."><canvas width="196" height="150"></canvas><svg viewBox="0 0 196 150" aria-hidden="true"><g data-lines></g><rect data-cursor x="-6" y="-6" width="11" height="11"/></svg></div>
  <div class="ranges">
    <label>Lightness <output>{{ round(($l ?? 0) * 100) }}</output><input type="range" data-axis="l" min="0" max="1" step="0.005" value="{{ round($l ?? 0, 4) }}" @disabled(! $edits)></label>
    <label>Chroma <output>{{ round(($c ?? 0) * 100) }}</output><input type="range" data-axis="c" min="0" max="0.33" step="0.002" value="{{ round($c ?? 0, 4) }}" @disabled(! $edits)></label>
    <label>Hue <output>{{ round($h ?? 0) }}</output><input type="range" data-axis="h" min="0" max="360" step="1" value="{{ round($h ?? 0) }}" @disabled(! $edits)></label>
    <form class="typed" hx-post="{{ $bench->address('edits') }}" data-typed>
      <input type="hidden" name="path" value="{{ $panel->selected }}"><label class="hidden-words" for="typed">Any CSS color</label><input class="entry" id="typed" name="value" value="{{ $value }}" spellcheck="false" autocomplete="off" @disabled(! $edits)><button class="act" @disabled(! $edits)>Set</button>
    </form>
  </div>
  @if ($edits)
  <div class="chips">
    @foreach (['In use' => array_slice(array_map(strval(...), array_keys(Ikat\Core\Palette\ColorCensus::colors($input))), 0, 24), 'Recent' => $panel->recentColors()] as $words => $hexes)
    @if ($hexes !== [])<div class="chip-row" role="toolbar" data-roving aria-label="{{ $words }}: set one of these colors"><span>{{ $words }}</span>@foreach ($hexes as $hex)<button type="button" class="chip" tabindex="{{ $loop->first ? 0 : -1 }}" aria-label="Set {{ $hex }}" title="{{ $hex }}" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => $panel->selected, 'value' => $hex]) }}"><svg viewBox="0 0 24 24" aria-hidden="true"><rect width="24" height="24" fill="{{ $hex }}"/></svg></button>@endforeach</div>@endif
    @endforeach
    <button type="button" class="act" data-eyedropper hidden><x-icon name="pipette"/> Take a color from the screen</button>
  </div>
  @endif
  <ul class="pair-list" data-pairs aria-label="Its pairs"></ul>
  <div class="picker-end">
    <form hx-post="{{ $bench->address('edits') }}" hx-trigger="change">
      <input type="hidden" name="path" value="{{ $panel->selected }}">
      <label>Follows <select name="value" class="entry" @disabled(! $edits)>
        <option value="{{ $value }}" @selected($bench->follows($panel->selected) === null)>nothing</option>
        @php($mine = $input->look->followersOf($panel->selected))
        @php($now = $bench->follows($panel->selected))
        <optgroup label="Brand colors">@foreach ($theme->brandColors as $key => $label)@if ("brand.$key" !== $panel->selected && ! in_array("brand.$key", $mine, true))<option value="{{ '{'."brand.$key".'}' }}" @selected($now === "brand.$key")>{{ $label }}</option>@endif @endforeach</optgroup>
        @foreach (str_starts_with($panel->selected, 'brand.') ? [] : ($panel->set()->isDark ? [$panel->set(), Ikat\Core\Setting\ColorSet::of($panel->scheme)] : array_map(fn ($key) => Ikat\Core\Setting\ColorSet::of($key), array_unique([$panel->scheme, ...array_map(strval(...), array_keys($theme->schemes))]))) as $set)
        <optgroup label="{{ $theme->schemes[$set->scheme] }}{{ $set->isDark ? ' in the dark' : '' }}">@foreach (Ikat\Core\Setting\SchemeRoles::ALL as $role => [$words])@if ($set->path($role) !== $panel->selected && ! in_array($set->path($role), $mine, true))<option value="{{ '{'.$set->path($role).'}' }}" @selected($now === $set->path($role))>{{ ucfirst($words) }}</option>@endif @endforeach</optgroup>
        @endforeach
        @if ($now !== null && ! preg_match('/^(brand|scheme|dark)\./', $now))<option value="{{ '{'.$now.'}' }}" selected>{{ $bench->setting($now)->label }}</option>@endif
      </select></label>
    </form>
    @if ($bench->isOwn($panel->selected) && $edits)
    <form hx-post="{{ $bench->address('edits') }}"><input type="hidden" name="path" value="{{ $panel->selected }}"><input type="hidden" name="original" value="1"><button class="act">{{ str_starts_with($panel->selected, 'dark.') ? 'Back to the rule' : 'Back to the original' }}</button></form>
    @endif
  </div>
  <p class="why"><b>Why this color?</b> {{ $input->look->why($panel->selected) }}</p>
  @include('workbench.shell.walk', ['url' => $bench->address('reach').'?'.http_build_query(['path' => $panel->selected]), 'what' => $setting->label])
  @foreach (Ikat\Core\Contrast\RoleJoining::offers($input, $panel->selected) as $offer)
  <p class="joining"><svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true"><rect width="16" height="16" fill="{{ $offer['color'] }}"/></svg> <span>{{ $offer['places'] === 1 ? '1 place' : $offer['places'].' places' }} in {{ $offer['label'] }} {{ $offer['places'] === 1 ? 'uses' : 'use' }} another color, {{ $offer['color'] }}.</span>
    @if ($offer['faint'] !== null)<span class="soft-words">Joined, {{ $offer['faint'] }}.</span>
    @elseif ($edits)<button type="button" class="act" data-try="{{ $bench->trial($offer['change']) }}" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($offer['change'])]) }}">Join them<span class="hidden-words">: {{ $offer['label'] }}</span></button>@endif</p>
  @endforeach
</div>
