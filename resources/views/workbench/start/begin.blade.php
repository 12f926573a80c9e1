@use('App\Inspection\LogoProposals')
@use('App\Workbench\Start\StartPanel')
@php($isOpen = $panel->isBeginning())
@php($logo = $isOpen ? $panel->logo() : null)
@php($kind = $panel->kind())
<x-tool id="s-begin" title="Begin with your logo" note="three whole shops made from it">
  @unless ($isOpen)
  <p><a class="act" href="{{ $start }}?begin=1#s-begin" hx-get="{{ $start }}?begin=1">Show me three proposals</a></p>
  @else
  <form class="begin" hx-get="{{ $start }}" hx-trigger="change"><input type="hidden" name="begin" value="1"><label for="kind">We sell</label>
    <select class="entry" id="kind" name="kind">@foreach (StartPanel::KINDS as $key => [$words])<option value="{{ $key }}" @selected($key === $kind)>{{ $words }}</option>@endforeach</select></form>
  @if ($logo === null)
  @if ($edits)<x-drop :action="$bench->address('logo')" id="begin" busy="Reading the logo" :with="['begin' => '1']"><b>Choose your logo</b>, drop it here, or paste it.</x-drop>@endif
  <p class="py-0.75 text-ink-2">Without a logo picture, choose a starter above and set the shop’s name in the Logo step.</p>
  @else
  <ol class="grid gap-3">
    @foreach ($panel->beginnings($logo) as [$theme, $made, $changes])
    <li class="proposal grid justify-items-start gap-0.75 pl-2.5 shadow-[inset_2px_0_var(--color-thread-2)]"><h3 class="font-semibold">{{ $theme->title }} in your colors</h3><p>{{ $theme->words }}</p>
      <x-swatch :colors="LogoProposals::swatch($theme, $made)" h="22"/>
      @if ($edits)
      <button type="button" class="act" data-try="{{ $bench->trial($changes) }}" hx-post="{{ $bench->address('logo/colors') }}"
        hx-vals="{{ json_encode(['proposal' => 0, 'theme' => $theme->name, 'starter' => $theme->base()->starter]) }}">Take {{ $theme->title }} in these colors</button>
      @endif
    </li>
    @endforeach
  </ol>
  @endif
  @endunless
</x-tool>
