@use('Ikat\Core\Color\Color')
@use('Ikat\Core\Color\ColorSpace')
@use('Ikat\Core\Contrast\RoleJoining')
@use('Ikat\Core\Palette\ColorCensus')
@php($selected = $panel->selected)
@php($value = $input->look->text($selected))
@php([$l, $c, $h] = Color::parse($value)->to(ColorSpace::Oklch)->coordinates())
@php($setting = $bench->setting($selected))
@php($to = $bench->address('edits'))
{{-- Dozens of chips stand here in every answer: each is written out, not made as a component. --}}
@php($axes = ['l' => ['Lightness', $l ?? 0, 1, 0.005, 100], 'c' => ['Strength', $c ?? 0, 0.33, 0.002, 100], 'h' => ['Hue', $h ?? 0, 360, 1, 1]])
<div class="picker grid grid-cols-[198px_minmax(0,1fr)] gap-x-3.5 gap-y-1.5" data-picker data-path="{{ $selected }}" data-property="{{ $setting->property() }}" data-value="{{ $value }}"
  data-url="{{ $bench->address('edits') }}" data-locked="{{ $edits ? '' : 'yes' }}">
  <div class="plane" data-plane title="Up: lightness. Across: strength."><canvas width="196" height="150"></canvas>
    <svg viewBox="0 0 196 150" aria-hidden="true"><g data-lines></g><rect data-cursor x="-6" y="-6" width="11" height="11"/></svg></div>
  <div class="grid content-start gap-0.5">
    @foreach ($axes as $axis => [$words, $at, $most, $increment, $scale])
    <label class="grid grid-cols-[1fr_auto] leading-3.5">{{ $words }} <output class="text-ink-2">{{ round($at * $scale) }}</output>
      <input class="col-span-full" type="range" data-axis="{{ $axis }}" min="0" max="{{ $most }}" step="{{ $increment }}" value="{{ round($at, $axis === 'h' ? 0 : 4) }}" @disabled(! $edits)></label>
    @endforeach
    <form class="flex items-center gap-2" hx-post="{{ $bench->address('edits') }}" data-typed><input type="hidden" name="path" value="{{ $selected }}"><label class="sr-only"
      for="typed">Any CSS color</label>
      <input class="entry" id="typed" name="value" value="{{ $value }}" spellcheck="false" autocomplete="off" @disabled(! $edits)><button class="act" @disabled(! $edits)>Set</button></form>
  </div>
  @if ($edits)
  <div class="col-span-full grid justify-items-start gap-1">
    <x-brand-chips :$bench :path="$selected" :of="$setting->label" :without="$input->look->followersOf($selected)"/>
    @foreach (['In use' => array_slice(array_map(strval(...), array_keys(ColorCensus::colors($input))), 0, 24), 'Recent' => $panel->recentColors()] as $words => $hexes)
    @if ($hexes !== [])
    <x-chips :$words :label="$words.': set one of these colors'">
      @foreach ($hexes as $hex)
      <button type="button" class="chip size-6 cursor-pointer p-0.5" tabindex="{{ $loop->first ? 0 : -1 }}" aria-label="Set {{ $hex }}" title="{{ $hex }}" hx-post="{{ $to }}"
        hx-vals="{{ json_encode(['path' => $selected, 'value' => $hex]) }}"><svg
        class="outline outline-thread-2" width="20" height="20" aria-hidden="true"><rect width="20" height="20" fill="{{ $hex }}"/></svg></button>
      @endforeach
    </x-chips>
    @endif
    @endforeach
    <button type="button" class="act" data-eyedropper hidden><x-icon name="pipette"/> Take a color from the screen</button>
  </div>
  @endif
  <ul class="pair-list col-span-full grid min-h-4.25 grid-cols-2 gap-x-3.5 text-[12px] *:flex *:justify-between *:gap-1.5" data-pairs aria-label="Its pairs"></ul>
  <div class="col-span-full flex items-center gap-3.5">
    @include('workbench.colors.follows')
    @if ($bench->isOwn($selected) && $edits)
    <form hx-post="{{ $bench->address('edits') }}"><input type="hidden" name="path" value="{{ $selected }}"><input type="hidden" name="original" value="1">
      <button class="act">{{ str_starts_with($selected, 'dark.') ? 'Back to the rule' : 'Back to the original' }}</button></form>
    @endif
  </div>
  <p class="why col-span-full text-[12px] text-ink-2"><b>Why this color?</b> {{ $input->look->why($selected) }}</p>
  @include('workbench.shell.walk', ['url' => $bench->address('reach').'?'.http_build_query(['path' => $selected]), 'what' => $setting->label])
  @foreach (RoleJoining::offers($input, $selected) as $offer)
  <p class="joining col-span-full flex flex-wrap items-center gap-x-2 gap-y-0.5 text-[12px]"><x-swatch :colors="[$offer['color']]" w="16"/>
    <span>{{ $offer['places'] === 1 ? '1 place' : $offer['places'].' places' }} in {{ $offer['label'] }} {{ $offer['places'] === 1 ? 'uses' : 'use' }} another color, {{ $offer['color'] }}.</span>
    @if ($offer['faint'] !== null)<span class="text-ink-2">Joined, {{ $offer['faint'] }}.</span>
    @elseif ($edits)<x-edit :$bench :changes="$offer['change']" :tries="true">Join them<span class="sr-only">: {{ $offer['label'] }}</span></x-edit>@endif</p>
  @endforeach
</div>
