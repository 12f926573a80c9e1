@use('Ikat\Core\Contrast\ContrastFinding')
<x-tool id="l-ground" title="Where it stands" note="contrast of its edge, 3 : 1 wanted">
  @if ($facts->edge === [])<p class="py-0.75 text-ink-2">The file brings its own paper, so it suits every background. A file with a clear background would stand on the shop’s own colors.</p>@endif
  <ul class="grounds mt-1 grid gap-2">
    @foreach ($panel->logos->places($look, $input->theme, $input->get(Ikat\Core\Contrast\HeaderBackdrop::class)) as $place)
    @php($file = App\Pictures\ShopPicture::of($place->logo)->sharpest())
    @php($isFaint = $place->ratio < 3)
    <li class="grid grid-cols-[96px_1fr] items-center gap-3"><svg class="h-11 w-24 outline outline-thread-2" viewBox="0 0 96 44" role="img" aria-label="The logo {{ $place->label }}"><rect
      width="96" height="44" fill="{{ $place->grounds[0] }}"/>
      @foreach (array_slice($place->grounds, 1, 15) as $i => $more)<rect x="{{ 48 + $i * 3.2 }}" width="3.3" height="44" fill="{{ $more }}"/>@endforeach<image x="8" y="6" width="80" height="32"
        href="{{ $file }}"/></svg>
      <span><b>{{ ucfirst($place->label) }}</b> @if ($isFaint)<x-diamond severity="fix"/>@endif<br>
        {{ $facts->edge === [] ? 'on its own paper' : ContrastFinding::ratioText($place->ratio).' : 1'.($isFaint ? ', hard to make out' : '') }}</span></li>
    @if ($isFaint && $edits)
    <li class="remedies"><ul class="grid gap-1 border-l-2 border-blue pl-3.5">
      @foreach ($panel->logos->remedies($place, $input) as $remedy)
      <li><button type="button" class="remedy grid w-full cursor-pointer grid-cols-[96px_1fr] items-center gap-3 p-1 text-left text-ink-1 hover:bg-blue-wash"
        @if ($remedy['make'] === null) data-try="{{ $bench->trial($remedy['changes']) }}" hx-post="{{ $bench->address('edits') }}"
          hx-vals="{{ json_encode(['changes' => json_encode($remedy['changes'])]) }}"
        @else hx-post="{{ $bench->address('logo/version') }}" hx-vals="{{ json_encode(['make' => $remedy['make']]) }}" @endif><svg class="h-11 w-24 outline outline-thread-2" viewBox="0 0 96 44"
          aria-hidden="true">
          <rect width="96" height="44" fill="{{ $remedy['ground'] }}"/>
          <image x="8" y="6" width="80" height="32" href="{{ $file }}" @class(['brightness-0 invert' => $remedy['make'] === 'light', 'brightness-0' => $remedy['make'] === 'dark'])/></svg>
        <span class="underline underline-offset-2">{{ $remedy['title'] }}@if ($remedy['ratio'] !== null) <em>{{ ContrastFinding::ratioText($remedy['ratio']) }} : 1</em>@endif</span></button></li>
      @endforeach
      <li>Or choose a second file for dark backgrounds:</li>
    </ul></li>
    @endif
    @endforeach
  </ul>
  @include('workbench.shell.control', $control('header.logo.dark'))
  @include('workbench.shell.control', $control('header.logo.plate'))
</x-tool>
