@use('App\Storefront\Money')
@php($currency = $panel->store->currency)
@php($of = fn (string $key) => $kind->column($key))
<x-tool id="t-pictures" title="Pictures" note="the first stands on the card">
  <div data-takes-picture="pictures">
  <ol class="flex flex-wrap gap-1.5" aria-label="Pictures, in order" data-record-pictures data-kept-by="goods-pictures-kept" data-between=" ">
    @foreach ($row['pictures'] as $i => $picture)
    @php($name = $panel->names->nameOf('picture', $picture))
    @php($shown = $bench->picture($name))
    <li class="record-picture relative grid w-[74px] gap-0.5" data-name="{{ $name }}">
      <span class="relative block h-[58px] w-[74px] border border-thread bg-surface">@if ($shown)<img class="size-full object-cover" src="{{ $shown->smallest() }}" alt="{{ $shown->alt }}" width="74"
        height="58" draggable="false">@endif<b class="absolute bottom-0 left-0 bg-paper px-1">{{ $i + 1 }}</b></span>
      @if ($edits)<span class="flex justify-between"><button type="button" class="inline-grid size-6 place-items-center" data-place-by="-1" aria-label="Picture {{ $i + 1 }} earlier"
        @disabled($i === 0)><x-icon name="arrow-left"/></button><button type="button" class="inline-grid size-6 place-items-center" data-place-out
          aria-label="Take picture {{ $i + 1 }} away"><x-icon
        name="x"/></button><button type="button" class="inline-grid size-6 place-items-center" data-place-by="1" aria-label="Picture {{ $i + 1 }} later" @disabled($loop->last)><x-icon
        name="arrow-right"/></button></span>@endif
    </li>
    @endforeach
  </ol>
  @if ($row['pictures'] === [])<p>No picture yet: its card is a plain ground with its name.</p>@endif
  @if ($edits)
  <label class="drop-here mt-1 grid cursor-pointer border border-dashed border-edge px-2 py-1"><span class="text-ink-2">Drop pictures here, or <span class="act">choose files</span></span><input
    class="sr-only" type="file" multiple accept="image/png,image/jpeg,image/webp,image/gif,image/avif,image/svg+xml" data-bring="{{ $bench->address('storeroom/pictures') }}"></label>
  <form class="mt-1 flex items-end gap-2" data-picture-add><label class="grid flex-1 gap-0.5"><span class="text-small text-ink-2">Add a picture of the library, by name</span><input class="entry"
    list="storeroom-pictures" autocomplete="off" name="picture" hx-get="{{ $bench->address('storeroom/names') }}?column=pictures" hx-trigger="input changed delay:150ms"
    hx-target="#storeroom-pictures" hx-swap="innerHTML"></label><button class="act">Add</button> <button type="button" class="act" id="goods-library" data-library="">Library</button></form>
  <datalist id="storeroom-pictures">@include('workbench.storeroom.names', ['names' => $bench->store->pictures()])</datalist>
  <form id="form-goods-pictures" class="control" hx-post="{{ $bench->address('storeroom/cells') }}" hx-trigger="change"><input type="hidden" name="record" value="{{ $id }}"><input type="hidden"
    name="column"
    value="pictures"><input type="hidden" name="stood" value="{{ $panel->written($of('pictures'), $row) }}"><input type="text" class="hidden" name="value" aria-hidden="true" tabindex="-1"
    value="{{ $panel->written($of('pictures'), $row) }}" id="goods-pictures-kept"></form>
  @endif
  </div>
</x-tool>
@php($zone = $panel->store->zone())
@php($price = $panel->record()->price())
@php($course = $price->course($panel->now()))
<x-tool id="t-price" title="Price and what it leaves" :note="$row['cost'] === null ? 'say what it costs to see it' : ''">
  <div class="grid grid-cols-6 gap-x-2">
    @foreach (['price', 'reduced', 'cost'] as $key)@include('workbench.storeroom.control', ['column' => $of($key), 'class' => 'col-span-2'])@endforeach
    @foreach (['reduced_from', 'reduced_until'] as $key)@include('workbench.storeroom.control', ['column' => $of($key), 'class' => 'col-span-3'])@endforeach
  </div>
  @if ($row['cost'] !== null)
  @php($bars = [])
  @foreach ($course as $i => [$since, $cents])
  @php($day = fn (DateTimeImmutable $t): string => $t->setTimezone($zone)->format('M j'))
  @php($bars[] = [$since !== null ? 'from '.$day($since) : (isset($course[1]) ? 'to '.$day($course[1][0]->modify('-1 minute')) : 'now'), $cents])
  @endforeach
  @php($saidOf = function (string $when, int $price) use ($row, $currency): string {
      $margin = new Ikat\Core\Store\Margin($price, $row['cost']);
      [$of, $cost, $left] = array_map(fn (int $cents): string => Money::exact($cents, $currency), [$price, $row['cost'], $margin->left()]);

      return ucfirst($when).": of $of, $cost is cost and $left is left, {$margin->percent()} percent";
  })
  @php($full = max(1, $row['cost'], ...array_column($bars, 1)))
  <svg class="draw mt-1" viewBox="0 0 398 {{ 26 * count($bars) + 2 }}" role="img"
    aria-label="{{ implode('. ', array_map(fn (array $bar): string => $saidOf(...$bar), $bars)) }}">
    @foreach ($bars as [$when, $cents])
    @php($margin = new Ikat\Core\Store\Margin($cents, $row['cost']))
    @php($y = 26 * $loop->index)
    @php($costs = round(226 * min($row['cost'], $full) / $full, 1))
    @php($left = round(226 * max(0, $margin->left()) / $full, 1))
    <text class="price-when" x="0" y="{{ $y + 15 }}">{{ $when }}</text>
    <rect class="margin-cost" x="72" y="{{ $y }}" width="{{ $costs }}" height="22"/>
    @if ($costs > 46)<text class="on-cost" x="{{ 72 + $costs / 2 }}" y="{{ $y + 15 }}" text-anchor="middle">{{ Money::exact($row['cost'], $currency) }}</text>@endif
    @if ($margin->left() >= 0)<rect class="margin-left" x="{{ 72 + $costs }}" y="{{ $y }}" width="{{ $left }}" height="22"/>
    @else<path class="margin-lost" d="M{{ 72 + round(226 * $cents / $full, 1) }} {{ $y - 1 }}v24"/>@endif
    @if ($left > 46)<text class="on-left" x="{{ 72 + $costs + $left / 2 }}" y="{{ $y + 15 }}" text-anchor="middle">{{ Money::exact($margin->left(), $currency) }}</text>@endif
    <text class="price-share" x="398" y="{{ $y + 15 }}"
      text-anchor="end">{{ $margin->left() < 0 ? 'loses '.Money::exact(-$margin->left(), $currency) : 'leaves '.($margin->percent() ?? 0).'%' }}</text>
    @endforeach
  </svg>
  @endif
</x-tool>
@include('workbench.storeroom.ways')
<x-tool id="t-stock" title="Stock and place">
  <div class="grid grid-cols-2 gap-x-2">
    @foreach (['stock', 'weight', 'label', 'tax_class', 'category_id', 'more_categories', 'shows_rating', 'featured', 'added_on',
    'position'] as $key)@include('workbench.storeroom.control', ['column' => $of($key)])@endforeach
  </div>
</x-tool>
@php($film = $row['video'])
<x-tool id="t-film" title="Film" :note="$film === null ? 'none' : ''">
  @if ($film !== null)<video class="mb-1 block w-full max-w-64 border border-thread bg-surface" src="{{ $film }}" controls muted playsinline preload="metadata" width="256" height="144"
    aria-label="The film of {{ $row['name'] }}"></video>@endif
  @if ($edits)
  <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
    <form hx-post="{{ $bench->address('storeroom/films') }}" hx-encoding="multipart/form-data" hx-trigger="change"><input type="hidden" name="record" value="{{ $id }}"><label
      class="act relative cursor-pointer has-[:focus-visible]:outline-2">{{ $film === null ? 'Choose a film' : 'Choose another film' }}<input class="sr-only" type="file" name="file"
      accept="video/webm,video/mp4"></label></form>
    @if ($film !== null)<form hx-post="{{ $bench->address('storeroom/cells') }}"><input type="hidden" name="record" value="{{ $id }}"><input type="hidden" name="column" value="video"><input
      type="hidden" name="value" value=""><button class="act">Take it away</button></form>@endif
    <span class="text-ink-2">WebM or MP4, at most {{ App\Pictures\KeepFilm::MOST_BYTES / 1_000_000 }} MB</span>
  </div>
  @endif
</x-tool>
@php($plain = Ikat\Core\Store\RichText::plain($row['words']))
@php($letters = mb_strlen($plain))
<x-tool id="t-words" title="Words" :note="str_word_count($plain).' words, '.$letters.' letters'">
  @foreach (['name', 'note', 'words', 'facts', 'related', 'slug'] as $key)@include('workbench.storeroom.control', ['column' => $of($key)])@endforeach
</x-tool>
