@use('Ikat\Core\Color\SeenDifference')
<x-tool id="l-inks" title="Its colors" note="and a shop made of them">
  <ul class="inks mt-1 grid grid-cols-2 gap-x-3.5 gap-y-1.5">
    @foreach ($facts->inks as $ink)
    <li class="flex items-center gap-2"><x-swatch :colors="[$ink['hex']]" w="24" h="24"/>
      <span>{{ ucfirst($ink['name']) }} <em class="block text-[12px] text-ink-2">{{ $ink['hex'] }}, {{ $ink['share'] < 0.01 ? 'under 1' : (int) round(100 * $ink['share']) }}%</em></span></li>
    @endforeach
  </ul>
  @php($at = 0)
  <svg class="my-2 h-2.5 w-full outline outline-thread-2" viewBox="0 0 400 10" preserveAspectRatio="none" aria-hidden="true">
    @foreach ($facts->inks as $ink)
    <rect x="{{ $at }}" width="{{ 400 * $ink['share'] }}" height="10" fill="{{ $ink['hex'] }}"/>
    @php($at += 400 * $ink['share'])
    @endforeach
  </svg>
  <ol class="grid gap-3">
    @foreach ($panel->proposals() as $i => $proposal)
    <li class="proposal grid justify-items-start gap-0.75 pl-2.5 shadow-[inset_2px_0_var(--color-thread-2)]"><h3
      class="font-semibold">{{ $proposal->title }}</h3><p>{{ $proposal->words }} Every pair is readable.</p>
      <x-swatch :colors="App\Inspection\LogoProposals::swatch($input->theme, $proposal)" h="22"/>
      <p class="quiet text-[12px] text-ink-2">@foreach ($proposal->kept as $key => $kept){{ $input->theme->brandColors[$key] }}
        {{ $kept['difference'] < 0.5 ? 'is the logo’s '.$kept['ink'] : 'is '.SeenDifference::inWords($kept['difference']).' beside '.$kept['ink'] }}{{ $loop->last ? '.' : ', ' }}@endforeach</p>
      @if ($edits)
      <button type="button" class="act" data-try="{{ $bench->trial($panel->changesOf($proposal)) }}" hx-post="{{ $bench->address('logo/colors') }}"
        hx-vals="{{ json_encode(['proposal' => $i]) }}">Take these colors<span class="sr-only">: {{ $proposal->title }}</span></button>
      @endif
    </li>
    @endforeach
  </ol>
</x-tool>
