@use('App\Storefront\SamplePages')
@use('Ikat\Core\Setting\Catalog\Things')
<main id="window" tabindex="-1" class="window relative flex min-w-0 flex-col overflow-clip bg-surround text-[#1c1c1c] [grid-area:window]" aria-label="Shop window" data-window
  data-preview="/preview/{{ $bench->look->id }}" data-shop="/shop/{{ $bench->look->storefront->slug }}"
  data-things="{{ json_encode(Things::NAMES) }}" @if ($bench->edits()) data-edits @endif>
  <div class="windowbar flex h-8.5 items-center gap-3.5 px-6.25 text-[12px] whitespace-nowrap max-[1499px]:gap-1.5 max-[1199px]:gap-2 max-[1199px]:px-3">
    <x-mode data-pin icon="pin" words="Hold still" :isWordless="true"/>
    <label><span class="sr-only">Page</span> <select class="min-h-6.5 max-w-[116px] bg-transparent font-semibold *:bg-white" data-page>
      @foreach (['Pages' => false, 'When something happened' => true] as $group => $areStates)
      <optgroup label="{{ $group }}">
        @foreach ($bench->samplePages() as $key => $path)
        @if (SamplePages::isState($key) === $areStates)<option value="{{ $key }}" data-path="{{ $path }}" @selected($key === $panel->shows()?->page)>{{ SamplePages::labels()[$key] }}</option>@endif
        @endforeach
      </optgroup>
      @endforeach
    </select></label>
    @if (count($bench->look->storefront->speaks()) > 1)
    <label><span class="sr-only">Language</span> <select class="min-h-6.5 max-w-[92px] bg-transparent font-semibold *:bg-white" data-language>
      @foreach ($bench->look->storefront->speaks() as $code)<option value="{{ $loop->first ? '' : $code }}">{{ (new \Ikat\Core\Language\ShopLanguage($code))->name() }}</option>@endforeach
    </select></label>
    @endif
    <div class="flex items-center gap-px" role="group" aria-label="Device">
      <x-mode data-press="phone" data-device="phone" icon="smartphone" words="Phone"/>
      <x-mode data-press="tablet" data-device="tablet" icon="tablet" words="Tablet"/>
      <x-mode data-press="desktop" data-device="desktop" icon="monitor" words="Desktop" :isOn="true"/>
      <x-mode data-device="large" icon="monitor" words="1,440 wide" class="max-[1899px]:hidden!"/>
      <x-mode data-device="widest" icon="monitor" words="1,920 wide" class="max-[1899px]:hidden!"/>
      <x-mode data-turn icon="rotate-cw" words="Turn" :isWordless="true"/>
    </div>
    <div class="flex items-center gap-px" role="group" aria-label="View">
      <x-mode data-view="devices" icon="columns-3" words="Three devices" :isWordless="true"/>
      <x-mode data-view="pages" icon="panels-top-left" words="Five pages" :isWordless="true"/>
      <x-mode data-view="then" data-press="then" icon="square-split-horizontal" words="Then and now" :isWordless="true"/>
    </div>
    @php($pointer = 'inline-grid h-6.5 w-7 cursor-pointer place-items-center aria-pressed:bg-ink-1 aria-pressed:text-white')
    <span class="flex">
      <button type="button" class="{{ $pointer }}" data-walk-shop data-press="walk" aria-pressed="false" title="Walk through the shop: links and buttons work"
        aria-label="Walk through the shop: links and buttons work instead of being picked"><x-icon name="footprints"/></button>
      <button type="button" class="{{ $pointer }}" data-dark aria-pressed="false" title="As a device shows it that asks for dark"
        aria-label="As a device shows it that asks for dark surroundings"><x-icon name="moon"/></button>
    </span>
    <label class="clock flex items-center gap-1.25"><span class="sr-only">The shop as it is at</span><x-icon name="clock"/>
      <input class="min-h-6 w-[138px] text-[12px]" type="datetime-local" data-clock aria-describedby="clock-words"><button type="button" class="cursor-pointer font-semibold underline"
        data-clock-now hidden>now</button></label>
    <output class="ml-auto font-semibold" data-scale aria-label="Scale"></output>
  </div>
  <div class="stage relative min-h-0 flex-1 overflow-clip" data-stage>
    <section class="picked-tag" data-selected aria-label="What is picked" hidden></section>
  </div>
  <p class="pointer-events-none absolute bottom-2.5 left-1/2 -translate-x-1/2 text-[12px]/5 font-semibold text-white not-empty:woven not-empty:bg-[#1c1c1c] not-empty:px-5" id="clock-words"
    role="status" data-clock-words></p>
  <label class="absolute inset-x-6.25 bottom-2" data-seam hidden><span class="sr-only">Seam between the live shop and your draft</span><input class="accent-[#1f4a7a]" type="range" min="0"
    max="100" value="50"></label>
</main>
