@use('Ikat\Core\Check\LogoMeasures')
@use('Ikat\Core\Contrast\ContrastFinding')
@php($input = $bench->inspection())
@php($look = $input->look)
@php($edits = $bench->edits())
@php($picture = $panel->picture())
@php($facts = $panel->facts())
@php($shown = $picture === null ? null : App\Pictures\ShopPicture::of($picture))
@php($findings = $bench->findingsIn($bench->step->key()))
@php($control = fn (string $path) => ['setting' => $look->catalog->get($path), 'resolution' => $look->at($path)])
@php($family = $look->catalog->get('type.heading.family')->describe($look->value('type.heading.family')))
<x-heading title="Logo">{{ $picture === null ? "the shop’s name, in $family" : "$facts->width by $facts->height pixels".($facts->vector ? ', drawn: sharp at any size' : '') }}</x-heading>
@php($extra = $panel->extra())
@if ($extra !== null)<x-tool id="l-found" title="What you looked for">@include('workbench.shell.control', $control($extra->path))</x-tool>@endif
<x-tool id="l-file" title="The logo itself">
  @include('workbench.shell.control', $control('header.logo.kind'))
  @if ($edits)<x-drop :action="$bench->address('logo')" id="logo" busy="Reading the logo"><b>Choose a file</b>, drop one here, or paste a picture. PNG, JPEG, WebP, GIF or SVG.</x-drop>@endif
  @if ($facts !== null)
  @foreach ($facts->notes as $note)<p class="py-0.75 text-ink-2">{{ $note }}</p>@endforeach
  @if ($facts->margin() > 0.06 && $edits)
  <p class="py-0.75 text-ink-2">{{ (int) round(100 * $facts->margin()) }}% of the file is empty margin. <button type="button" class="act"
    hx-post="{{ $bench->address('logo/trim') }}">Trim it</button></p>
  @endif
  @endif
  @include('workbench.shell.control', $control('header.logo.picture'))
  @include('workbench.shell.control', $control('header.logo.alt'))
</x-tool>
<x-tool id="l-board" title="On the header, true to size" note="drag the corner">
  <div class="grid gap-2.5">
    @foreach (['desktop', 'tablet', 'phone'] as $device)
    @include('workbench.logo.board')
    @endforeach
  </div>
  @include('workbench.shell.control', $control('header.logo.clear'))
  @include('workbench.shell.control', $control('header.logo.place'))
</x-tool>
@if ($picture !== null)
@include('workbench.logo.grounds')
@include('workbench.logo.inks')
@else
<x-tool id="l-name" title="The name as logo">
  @foreach (['header.logo.name', 'header.logo.line', 'header.logo.sign'] as $path)@include('workbench.shell.control', $control($path))@endforeach
  <p class="py-0.75 text-ink-2">It is written in the heading color of whatever part it stands on, so its contrast is checked with the colors.</p>
</x-tool>
@endif
@php($icons = $panel->icons())
@php($from = $look->text('icon.from'))
@php($mark = $input->get(LogoMeasures::class))
<x-tool id="l-icons" title="Icons" note="at true size">
  @php($tab = 'inline-flex max-w-[160px] items-center gap-1.75 overflow-hidden px-3 py-1.5 text-[12px] whitespace-nowrap')
  <div class="flex flex-wrap items-center gap-2.5 bg-surround p-2.5" role="img" aria-label="The icon at 16 pixels on a light and on a dark tab, at 32 and 48 pixels, and on a home screen">
    @foreach (['bg-white text-[#1a2230]', 'bg-[#202227] text-white'] as $tone)<span class="{{ $tab }} {{ $tone }}"><img src="{{ $icons }}/icon-16.png" alt="" width="16"
      height="16"> {{ $look->text('header.logo.name') }}</span>@endforeach
    <img src="{{ $icons }}/icon-32.png" alt="" width="32" height="32"><img src="{{ $icons }}/icon-48.png" alt="" width="48" height="48">
    <img src="{{ $icons }}/icon-180.png" alt="" width="60" height="60">
    <span class="relative inline-block size-18"><img src="{{ $icons }}/icon-maskable-512.png" alt="" width="72" height="72"><svg class="absolute inset-0" viewBox="0 0 72 72" aria-hidden="true">
      <circle cx="36" cy="36" r="28.8" fill="none" stroke="#fff" stroke-width="3"/><circle cx="36" cy="36" r="28.8" fill="none" stroke="#1f4a7a"/></svg></span>
  </div>
  <p class="py-0.75 text-ink-2">The ring is what every device shows of a home-screen icon; the mark stays inside it.
    At 16 pixels {{ (int) floor(100 * $mark->markKept) }}% of the mark’s light and dark is left, at {{ ContrastFinding::ratioText($mark->markContrast) }} : 1.</p>
  @if ($mark->markContrast < 3 && $edits)
  <p class="flex flex-wrap gap-x-4 gap-y-0.5">
    @foreach (['paper' => 'Put it on the paper color', 'ink' => 'Put it on the text color'] as $key => $words)<x-edit :$bench path="icon.ground"
      :value="'{brand.'.$key.'}'">{{ $words }}</x-edit>@endforeach
  </p>
  @endif
  @include('workbench.shell.control', $control('icon.from'))
  @if ($from === 'region' && $shown !== null)
  <div class="region-board relative my-1.5 cursor-crosshair touch-none bg-surface outline outline-thread-2" data-region>
    <img class="block h-auto w-full" src="{{ $shown->sharpest() }}" alt="The logo; the frame is the part that is the mark" width="{{ $shown->width }}" height="{{ $shown->height }}"><span
      data-region-frame tabindex="-1"></span></div>
  @endif
  @foreach ($panel->iconControls($from) as $path)@include('workbench.shell.control', $control($path))@endforeach
</x-tool>
<x-tool id="l-mail" title="In e-mails and on gift cards">
  <p class="bg-white p-3 outline outline-thread-2"><img class="max-w-full" srcset="{{ $icons }}/mail-logo.png 2x" src="{{ $icons }}/mail-logo.png" alt="The logo as e-mails carry it"></p>
  @foreach (['mail.logo', 'mail.logo.size'] as $path)@include('workbench.shell.control', $control($path))@endforeach
  <p><a class="act" href="{{ $bench->address('mailbox') }}">Open the mailbox</a> to see it on the order confirmations the shop sent.</p>
</x-tool>
@if ($picture !== null)
<x-tool id="l-name" title="The shop’s name">
  @foreach (['header.logo.name', 'header.logo.line'] as $path)@include('workbench.shell.control', $control($path))@endforeach
</x-tool>
@endif
@include('workbench.shell.original')
