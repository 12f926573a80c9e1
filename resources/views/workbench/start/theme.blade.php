@php($tried = $isNow ? '' : '~'.$panel->trial($theme))
<li @class(['base grid gap-1.5 pl-2.5', 'is-now shadow-[inset_2px_0_var(--color-blue)]' => $isNow, 'shadow-[inset_2px_0_var(--color-thread-2)]' => ! $isNow]) id="base-{{ $theme->name }}">
  <div class="base-page relative h-[150px] overflow-hidden bg-surround outline outline-thread-2" aria-hidden="true" inert>
    <iframe class="pointer-events-none absolute top-0 left-0 h-[500px] w-[1280px] origin-top-left scale-[0.304] border-0" id="base-page-{{ $theme->name }}"
      title="{{ $theme->title }} on your home page"
      tabindex="-1" src="/preview/{{ $look->id }}/now{{ $tried }}/shop/{{ $look->storefront->slug }}/"></iframe></div>
  <div class="grid gap-1">
    <h3 class="font-title text-[15px]/4.75 font-semibold">{{ $theme->title }} @if ($bases->isBrought($theme))<small>brought in by you</small> @endif
      @if ($isNow)<strong class="font-text text-small text-blue">in use</strong>@endif</h3>
    <p>{{ $theme->words }}</p>
    @if ($theme->suits !== '')<p><b>Suits</b> {{ lcfirst($theme->suits) }}</p>@endif
    @if ($theme->offers !== [])<details><summary>What it does its own way</summary><ul class="list-disc pl-4.5">@foreach ($theme->offers as $offer)<li>{{ $offer }}</li>@endforeach</ul></details>@endif
    @if ($edits && $bases->isBrought($theme) && ! $isNow)
    <form hx-post="{{ $bench->address('themes/remove') }}"><input type="hidden" name="theme" value="{{ $theme->name }}"><button class="act">Remove {{ $theme->title }} from the shelf</button></form>
    @endif
    <p class="quiet text-[12px] text-ink-2">Version {{ $isNow ? $base->version : $theme->version }} by {{ $theme->maker }}</p>
    <ul class="starters grid grid-cols-3 gap-2 pt-1" aria-label="Starters of {{ $theme->title }}">
      @foreach ($theme->starters as $starter)
      @php($isThis = $isNow && $starter->name === $base->starter)
      @php($to = "$start?theme=$theme->name&starter=$starter->name")
      <li><a href="{{ $to }}" @class(['starter grid min-h-6 gap-0.75 p-1', 'is-now bg-blue-wash font-semibold shadow-[inset_0_-2px_var(--color-blue)]' => $isThis, 'hover:bg-paper-3' => ! $isThis])
        @if ($isThis) aria-current="true" @endif data-try="{{ $isThis ? '' : $panel->trial($theme, $starter) }}" hx-get="{{ $to }}">
        <x-swatch :colors="$bases->colors($theme, $starter)"/>
        <span>{{ $starter->title }}@if ($isThis)<span class="sr-only">, in use</span>@endif</span></a></li>
      @endforeach
    </ul>
  </div>
</li>
