@use('Ikat\Core\Look\SchemeUses')
<div class="samples grid grid-cols-5 gap-2 pt-1.25">
  @foreach (array_diff_key($theme->schemes, $bench->departures()) as $key => $label)
  @php($counts = $panel->countsOf($panel->set()->with((string) $key)))
  @php($wearers = count(SchemeUses::of($input->look, $theme, (string) $key)))
  <button type="button" @class(['sample relative cursor-pointer text-left text-[12px]/3.75', 'is-open' => $key === $panel->scheme]) @if ($key === $panel->scheme) aria-current="true" @endif
    hx-get="{{ $bench->address('colors') }}?open_scheme={{ $key }}&amp;open_part={{ $open }}&amp;open_path={{ urlencode($panel->selected) }}">
    <span class="cloth wear scheme-{{ $key }}" aria-hidden="true"><b>Heading</b><u>see all</u><i>Buy</i><em>$30</em></span>
    <strong class="mt-0.75 flex items-center gap-1">{{ $label }} @if ($counts['stop'] > 0)<x-diamond severity="stop"/>@elseif ($counts['fix'] > 0)<x-diamond severity="fix"/>@endif</strong>
    <small class="block text-[11px]/3.25 text-ink-2">{{ $wearers === 0 ? 'not used' : ($wearers === 1 ? '1 part' : "$wearers parts") }}</small>
  </button>
  @endforeach
</div>
