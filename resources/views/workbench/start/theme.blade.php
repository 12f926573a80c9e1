@php($tried = $isNow ? '' : '~'.$panel->trial($theme))
<li @class(['base grid content-start gap-1.5', 'is-now' => $isNow]) id="base-{{ $theme->name }}">
  <h3 @class(['pl-2 font-title text-[15px]/4.75 font-semibold', 'shadow-[inset_2px_0_var(--color-blue)]' => $isNow])>{{ $theme->title }}
    @if ($isNow)<strong class="font-text text-small text-blue">in use</strong>@endif</h3>
  <div class="base-page relative aspect-[1280/660] overflow-hidden bg-surround outline outline-thread-2" aria-hidden="true" inert>
    <iframe class="pointer-events-none absolute top-0 left-0 h-[660px] w-[1280px] origin-top-left border-0" data-fits id="base-page-{{ $theme->name }}"
      title="{{ $theme->title }} on your home page" tabindex="-1" src="/preview/{{ $look->id }}/now{{ $tried }}/shop/{{ $look->storefront->slug }}/"></iframe></div>
  <ul class="starters grid grid-cols-3 gap-1" aria-label="Starters of {{ $theme->title }}">
    @foreach ($theme->starters as $starter)
    @php($isThis = $isNow && $starter->name === $base->starter)
    @php($to = "$start?theme=$theme->name&starter=$starter->name")
    <li><a href="{{ $to }}" @class(['starter grid min-h-6 gap-0.75 p-1', 'is-now bg-blue-wash font-semibold shadow-[inset_0_-2px_var(--color-blue)]' => $isThis, 'hover:bg-paper-3' => ! $isThis])
      @if ($isThis) aria-current="true" @endif data-mark tabindex="{{ $isThis ? 0 : -1 }}" data-try="{{ $isThis ? '' : $panel->trial($theme, $starter) }}" hx-get="{{ $to }}">
      <x-swatch :colors="$bases->colors($theme, $starter)"/>
      <span>{{ $starter->title }}@if ($isThis)<span class="sr-only">, in use</span>@endif</span></a></li>
    @endforeach
  </ul>
</li>
