@php($isOpen = $panel->isBeginning())
@php($logo = $isOpen ? $panel->logo() : null)
@php($kind = $panel->kind())
<section class="tool" aria-labelledby="s-begin"><h2 id="s-begin">Begin with your logo <small>three whole shops made from it</small></h2>
  @unless ($isOpen)
  <p><a class="act" href="{{ $start }}?begin=1#s-begin" hx-get="{{ $start }}?begin=1">Show me three proposals</a></p>
  @else
  <form class="begin" hx-get="{{ $start }}" hx-trigger="change"><input type="hidden" name="begin" value="1"><label for="kind">We sell</label><select class="entry" id="kind" name="kind">@foreach (App\Workbench\Start\StartPanel::KINDS as $key => [$words])<option value="{{ $key }}" @selected($key === $kind)>{{ $words }}</option>@endforeach</select></form>
  @if ($logo === null)
  @if ($edits)
  <form class="logo-drop" data-drop hx-post="{{ $bench->address('logo') }}" hx-encoding="multipart/form-data" hx-vals='{"begin":"1"}' hx-trigger="change from:#begin-file" hx-indicator="#begin-busy"><label for="begin-file"><b>Choose your logo</b>, drop it here, or paste it.</label><input type="file" id="begin-file" name="file" accept="image/png,image/jpeg,image/webp,image/gif,image/avif,image/svg+xml"><p id="begin-busy" class="library-busy" role="status"><progress aria-label="Reading the logo"></progress> Reading the logo…</p></form>
  @endif
  <p class="logo-note">Without a logo picture, choose a starter above and set the shop’s name in the Logo step.</p>
  @else
  <ol class="proposals">
    @foreach ($panel->beginnings($logo) as [$theme, $made, $changes])
    <li class="proposal"><h3>{{ $theme->title }} in your colors</h3><p>{{ $theme->words }}</p>
      <svg viewBox="0 0 100 14" preserveAspectRatio="none" class="proposal-colors" aria-hidden="true">@foreach (App\Inspection\LogoProposals::swatch($theme, $made) as $j => $hex)<rect x="{{ 10 * $j }}" width="10" height="14" fill="{{ $hex }}"/>@endforeach</svg>
      @if ($edits)<button type="button" class="act" data-try="{{ $bench->trial($changes) }}" hx-post="{{ $bench->address('logo/colors') }}" hx-vals="{{ json_encode(['proposal' => 0, 'theme' => $theme->name, 'starter' => $theme->base()->starter]) }}">Take {{ $theme->title }} in these colors</button>@endif</li>
    @endforeach
  </ol>
  @endif
  @endunless
</section>
