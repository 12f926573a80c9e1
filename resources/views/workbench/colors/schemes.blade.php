<div class="samples">
  @foreach ($theme->schemes as $key => $label)
  @php($counts = $panel->countsOf($panel->set()->with((string) $key)))
  <button type="button" @class(['sample', 'is-open' => $key === $panel->scheme]) hx-get="{{ $bench->address('colors') }}?open_scheme={{ $key }}&amp;open_part={{ $open }}&amp;open_path={{ urlencode($panel->selected) }}" @if ($key === $panel->scheme) aria-current="true" @endif>
    <span class="cloth wear scheme-{{ $key }}" aria-hidden="true"><b>Lantern</b><u>see all</u><i>Buy</i><em>$30</em></span>
    <strong>{{ $label }} @if ($counts['stop'] > 0)<x-diamond severity="stop"/>@elseif ($counts['fix'] > 0)<x-diamond severity="fix"/>@endif</strong>
    @php($wearers = count(Ikat\Core\Look\SchemeUses::of($input->look, $theme, (string) $key)))
    <small>{{ $wearers === 0 ? 'not worn' : ($wearers === 1 ? '1 part' : "$wearers parts") }}</small>
  </button>
  @endforeach
</div>
