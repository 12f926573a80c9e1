@php($input = $bench->inspection())
@php($look = $input->look)
@php($edits = $bench->edits())
@php($logos = $panel->logos)
@php($picture = $panel->picture())
@php($facts = $panel->facts())
@php($shown = $picture === null ? null : App\Pictures\ShopPicture::of($picture))
@php($findings = $bench->findingsIn($bench->step->key()))
@php($control = fn (string $path) => ['setting' => $look->catalog->get($path), 'resolution' => $look->at($path)])
<div class="bench-head"><h1>Logo</h1><p>{{ $picture === null ? 'the shop’s name, in '.$look->catalog->get('type.heading.family')->describe($look->value('type.heading.family')) : "$facts->width by $facts->height pixels".($facts->vector ? ', drawn: sharp at any size' : '') }}</p></div>
@if ($findings !== [])
<ul class="step-findings" aria-label="Findings of this step">@foreach ($findings as $finding)<li><x-diamond :severity="$finding->severity()"/> {{ $finding->inWords($input) }} <span>{{ $finding->measured() }}</span></li>@endforeach</ul>
@endif
@php($extra = $panel->extra())
@if ($extra !== null)<section class="tool" aria-labelledby="l-found"><h2 id="l-found">What you looked for</h2>@include('workbench.shell.control', $control($extra->path))</section>@endif
<section class="tool" aria-labelledby="l-file"><h2 id="l-file">The logo itself</h2>
  @include('workbench.shell.control', $control('header.logo.kind'))
  @if ($edits)
  <form class="logo-drop" data-drop hx-post="{{ $bench->address('logo') }}" hx-encoding="multipart/form-data" hx-trigger="change from:#logo-file" hx-indicator="#logo-busy">
    <label for="logo-file"><b>Choose a file</b>, drop one here, or paste a picture. PNG, JPEG, WebP, GIF or SVG.</label>
    <input type="file" id="logo-file" name="file" accept="image/png,image/jpeg,image/webp,image/gif,image/avif,image/svg+xml">
    <p id="logo-busy" class="library-busy" role="status"><progress aria-label="Reading the logo"></progress> Reading the logo…</p>
  </form>
  @endif
  @if ($facts !== null)
  @foreach ($facts->notes as $note)<p class="logo-note">{{ $note }}</p>@endforeach
  @if ($facts->margin() > 0.06 && $edits)
  <p class="logo-note">{{ (int) round(100 * $facts->margin()) }}% of the file is empty margin. <button type="button" class="act" hx-post="{{ $bench->address('logo/trim') }}">Trim it</button></p>
  @endif
  @endif
  @include('workbench.shell.control', $control('header.logo.picture'))
  @include('workbench.shell.control', $control('header.logo.alt'))
</section>
<section class="tool" aria-labelledby="l-board"><h2 id="l-board">On the header, true to size <small>drag the corner</small></h2>
  <div class="logo-boards">
    @foreach (['desktop', 'tablet', 'phone'] as $device)
    @php($setting = $look->catalog->get("header.logo.size.$device"))
    <div class="logo-row">
      <div class="logo-board wear scheme-{{ $look->text('header.scheme') }}" data-board="{{ $device }}">
        <span class="logo-mat is-{{ $device }}">@if ($shown)<img src="{{ $shown->sharpest() }}" alt="" width="{{ $shown->width }}" height="{{ $shown->height }}" class="plate-{{ $look->text('header.logo.plate') }}">@else<b>{{ $look->text('header.logo.name') }}</b>@endif<i data-grip aria-hidden="true"></i></span>
      </div>
      @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
      @if ($facts !== null)
      <p class="logo-sharp">@if ($facts->vector)Drawn from outlines: sharp at any size.@else @foreach (Ikat\Core\Image\Sharpness::DENSITIES as $density)@php($share = Ikat\Core\Image\Sharpness::share($facts->height, Ikat\Core\Setting\Catalog\LogoSettings::PICTURE_HEIGHT * $look->value($setting->path), $density))<span class="sharp-bar"><svg viewBox="0 0 40 8" aria-hidden="true"><rect width="40" height="8" class="sharp-whole"/><rect width="{{ round(40 * $share, 1) }}" height="8" class="{{ $share < 1 ? 'sharp-short' : 'sharp-full' }}"/></svg> {{ $density }}x {{ $share < 1 ? 'blurred, '.(int) floor(100 * $share).'% of the pixels' : 'sharp' }}</span>@endforeach <span>Sharp at 2x up to size {{ (int) floor($facts->height / 2 / Ikat\Core\Setting\Catalog\LogoSettings::PICTURE_HEIGHT) }}.</span>@endif</p>
      @endif
    </div>
    @endforeach
  </div>
  @include('workbench.shell.control', $control('header.logo.clear'))
  @include('workbench.shell.control', $control('header.logo.place'))
</section>
@if ($picture !== null)
<section class="tool" aria-labelledby="l-ground"><h2 id="l-ground">Where it stands <small>contrast of its edge, 3 : 1 wanted</small></h2>
  @if ($facts->edge === [])<p class="logo-note">The file brings its own paper, so every ground suits it. A file with a clear ground would stand on the shop’s own colors.</p>@endif
  <ul class="grounds">
    @foreach ($logos->places($look, $input->theme) as $place)
    @php($file = App\Pictures\ShopPicture::of($place->logo))
    <li class="ground-row"><svg class="ground-sample" viewBox="0 0 96 44" role="img" aria-label="The logo {{ $place->label }}"><rect width="96" height="44" fill="{{ $place->grounds[0] }}"/>@foreach (array_slice($place->grounds, 1, 15) as $i => $more)<rect x="{{ 48 + $i * 3.2 }}" width="3.3" height="44" fill="{{ $more }}"/>@endforeach<image x="8" y="6" width="80" height="32" href="{{ $file->sharpest() }}"/></svg>
      <span><b>{{ ucfirst($place->label) }}</b> @if ($place->ratio < 3)<x-diamond severity="fix"/>@endif<br>{{ $facts->edge === [] ? 'on its own paper' : Ikat\Core\Contrast\ContrastFinding::ratioText($place->ratio).' : 1'.($place->ratio < 3 ? ', hard to make out' : '') }}</span></li>
    @if ($place->ratio < 3 && $edits)
    <li class="remedies"><ul>
      @foreach ($logos->remedies($place, $input) as $remedy)
      <li><button type="button" class="remedy" @if ($remedy['make'] === null) data-try="{{ $bench->trial($remedy['changes']) }}" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($remedy['changes'])]) }}" @else hx-post="{{ $bench->address('logo/version') }}" hx-vals="{{ json_encode(['make' => $remedy['make']]) }}" @endif><svg viewBox="0 0 96 44" aria-hidden="true"><rect width="96" height="44" fill="{{ $remedy['ground'] }}"/><image x="8" y="6" width="80" height="32" href="{{ $file->sharpest() }}" @class(['is-lighter' => $remedy['make'] === 'light', 'is-darker' => $remedy['make'] === 'dark'])/></svg><span>{{ $remedy['title'] }}@if ($remedy['ratio'] !== null) <em>{{ Ikat\Core\Contrast\ContrastFinding::ratioText($remedy['ratio']) }} : 1</em>@endif</span></button></li>
      @endforeach
      <li>Or choose a second file for dark grounds:</li>
    </ul></li>
    @endif
    @endforeach
  </ul>
  @include('workbench.shell.control', $control('header.logo.dark'))
  @include('workbench.shell.control', $control('header.logo.plate'))
</section>
<section class="tool" aria-labelledby="l-inks"><h2 id="l-inks">Its colors <small>and a shop made of them</small></h2>
  <ul class="inks">@foreach ($facts->inks as $ink)<li><svg viewBox="0 0 24 24" width="24" height="24" aria-hidden="true"><rect width="24" height="24" fill="{{ $ink['hex'] }}"/></svg><span>{{ ucfirst($ink['name']) }} <em>{{ $ink['hex'] }}, {{ $ink['share'] < 0.01 ? 'under 1' : (int) round(100 * $ink['share']) }}%</em></span></li>@endforeach</ul>
  <svg class="ink-bar" viewBox="0 0 400 10" preserveAspectRatio="none" aria-hidden="true">@php($at = 0)@foreach ($facts->inks as $ink)<rect x="{{ $at }}" width="{{ 400 * $ink['share'] }}" height="10" fill="{{ $ink['hex'] }}"/>@php($at += 400 * $ink['share'])@endforeach</svg>
  <ol class="proposals">
    @foreach ($panel->proposals() as $i => $proposal)
    @php($changes = $panel->changesOf($proposal))
    <li class="proposal"><h3>{{ $proposal->title }}</h3><p>{{ $proposal->words }} Every pair is readable.</p>
      <svg viewBox="0 0 100 14" preserveAspectRatio="none" class="proposal-colors" aria-hidden="true">@foreach (App\Inspection\LogoProposals::swatch($input->theme, $proposal) as $j => $hex)<rect x="{{ 10 * $j }}" width="10" height="14" fill="{{ $hex }}"/>@endforeach</svg>
      <p class="quiet">@foreach ($proposal->kept as $key => $kept){{ $input->theme->brandColors[$key] }} {{ $kept['difference'] < 0.5 ? 'is the logo’s '.$kept['ink'] : 'is '.round($kept['difference'], 1).' (CIEDE2000) from '.$kept['ink'] }}{{ $loop->last ? '.' : ', ' }}@endforeach</p>
      @if ($edits)<button type="button" class="act" data-try="{{ $bench->trial($changes) }}" hx-post="{{ $bench->address('logo/colors') }}" hx-vals="{{ json_encode(['proposal' => $i]) }}">Take these colors<span class="hidden-words">: {{ $proposal->title }}</span></button>@endif</li>
    @endforeach
  </ol>
</section>
@else
<section class="tool" aria-labelledby="l-name"><h2 id="l-name">The name as logo</h2>
  @foreach (['header.logo.name', 'header.logo.line', 'header.logo.sign'] as $path)@include('workbench.shell.control', $control($path))@endforeach
  <p class="logo-note">It is written in the heading color of whatever part it stands on, so its contrast is checked with the colors.</p>
</section>
@endif
@php($icons = $bench->icons())
@php($from = $look->text('icon.from'))
<section class="tool" aria-labelledby="l-icons"><h2 id="l-icons">Icons <small>at true size</small></h2>
  <div class="tabs-sample" role="img" aria-label="The icon at 16 pixels on a light and on a dark tab, at 32 and 48 pixels, and on a home screen">
    <span class="tab-sample"><img src="{{ $icons }}/icon-16.png" alt="" width="16" height="16"> {{ $look->text('header.logo.name') }}</span>
    <span class="tab-sample is-dark"><img src="{{ $icons }}/icon-16.png" alt="" width="16" height="16"> {{ $look->text('header.logo.name') }}</span>
    <img src="{{ $icons }}/icon-32.png" alt="" width="32" height="32"><img src="{{ $icons }}/icon-48.png" alt="" width="48" height="48">
    <img src="{{ $icons }}/icon-180.png" alt="" width="60" height="60">
    <span class="safe-sample"><img src="{{ $icons }}/icon-maskable-512.png" alt="" width="72" height="72"><svg viewBox="0 0 72 72" aria-hidden="true"><circle cx="36" cy="36" r="28.8" fill="none" stroke="#fff" stroke-width="3"/><circle cx="36" cy="36" r="28.8" fill="none" stroke="#1f4a7a"/></svg></span>
  </div>
  <p class="logo-note">The ring is what every device shows of a home-screen icon; the mark stays inside it. At 16 pixels {{ (int) floor(100 * $input->get(Ikat\Core\Check\LogoMeasures::class)->markKept) }}% of the mark’s light and dark is left, at {{ Ikat\Core\Contrast\ContrastFinding::ratioText($input->get(Ikat\Core\Check\LogoMeasures::class)->markContrast) }} : 1.</p>
  @if ($input->get(Ikat\Core\Check\LogoMeasures::class)->markContrast < 3 && $edits)<p class="row-acts">@foreach (['paper' => 'Put it on the paper color', 'ink' => 'Put it on the ink color'] as $key => $words)<button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => 'icon.ground', 'value' => "{brand.$key}"]) }}">{{ $words }}</button>@endforeach</p>@endif
  @include('workbench.shell.control', $control('icon.from'))
  @if ($from === 'region' && $shown !== null)
  <div class="region-board" data-region><img src="{{ $shown->sharpest() }}" alt="The logo; the frame is the part that is the mark" width="{{ $shown->width }}" height="{{ $shown->height }}"><span data-region-frame tabindex="-1"></span></div>
  @endif
  @foreach (array_filter(['icon.letters' => 'letters', 'icon.ink' => 'letters', 'icon.x' => 'region', 'icon.y' => 'region', 'icon.size' => 'region', 'icon.file' => 'file'], fn ($kind) => $kind === $from) as $path => $kind)@include('workbench.shell.control', $control($path))@endforeach
  @foreach (['icon.ground', 'icon.form', 'icon.space'] as $path)@include('workbench.shell.control', $control($path))@endforeach
</section>
<section class="tool" aria-labelledby="l-mail"><h2 id="l-mail">In e-mails and on gift cards</h2>
  <p class="mail-sample"><img srcset="{{ $icons }}/mail-logo.png 2x" src="{{ $icons }}/mail-logo.png" alt="The logo as e-mails carry it"></p>
  @foreach (['mail.logo', 'mail.logo.size'] as $path)@include('workbench.shell.control', $control($path))@endforeach
  <p><a class="act" href="{{ $bench->address('mailbox') }}">Open the mailbox</a> to see it on the order confirmations the shop sent.</p>
</section>
@if ($picture !== null)
<section class="tool" aria-labelledby="l-name"><h2 id="l-name">The shop’s name</h2>
  @foreach (['header.logo.name', 'header.logo.line'] as $path)@include('workbench.shell.control', $control($path))@endforeach
</section>
@endif
@include('workbench.shell.original')
