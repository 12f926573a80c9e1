@use('App\Workbench\Products\ScreenPages')
@use('Ikat\Core\Grid\ShelfCounts')
@use('Ikat\Core\Grid\ShelfLook')
@use('Ikat\Core\Setting\Catalog\Parts')
@php($look = $bench->inspection()->look)
@php($edits = $bench->edits())
@php($stock = $panel->stock)
@php($drawn = $panel->shelf())
<x-heading title="Products">{{ number_format($stock->products) }} in {{ number_format($stock->categories) }} {{ $stock->categories === 1 ? 'category' : 'categories' }}</x-heading>
<x-tabs label="Parts" :tabs="array_map(fn ($part) => [$panel->address(['open_part' => $part]), Parts::label($part), $part === $panel->tab], $panel->parts())"/>
@if ($panel->tab === 'grid')
@if ($drawn === null)
<p class="py-2 text-[12px]">There are no categories yet, so there are no shelves. <a class="act"
  href="{{ $bench->address('storeroom?open_kind=categories') }}" data-open>Make one in the Storeroom</a></p>
@else
@php($forms = array_map(fn ($shelf) => $shelf->form, $drawn->shelves()))
@php($arranged = $look->text('grid.arrange') ?: 'tiles')
@php($ways = $drawn->arrangements())
@php($lost = array_map(fn ($way) => $way['white'] + $way['cut'], $ways))
@php($least = (string) array_search(min($lost), $lost, true))
<x-tool id="t-arrange" title="How products stand" :note="$least === $arranged ? 'leaves the least empty and cut off' : ShelfLook::ARRANGED[$least].' leave less empty and cut off'">
  <ul class="arrangements grid grid-cols-3 gap-2 text-[12px]">
    @foreach ($ways as $way => $found)
    @php($desk = $found['shelves']['desktop'])
    @php($high = min($desk->ends - $desk->begins, 1400))
    <li @class(['grid content-start gap-1 border-t-2 p-1', 'border-blue bg-blue-wash' => $way === $arranged, 'border-transparent' => $way !== $arranged])>
      <svg viewBox="0 0 {{ round($desk->form->room) }} 1000" role="img"
        aria-label="{{ ucfirst(ShelfLook::ARRANGED[$way]) }} on a desktop">@foreach ($desk->cards as $n => $card)@continue($card->y - $desk->begins > 1000)<rect
        x="{{ round($card->x) }}" y="{{ round($card->y - $desk->begins) }}" width="{{ round($card->width) }}" height="{{ round($card->picture) }}"/><rect class="words" x="{{ round($card->x) }}"
        y="{{ round($card->y - $desk->begins + $card->picture + 16) }}" width="{{ round(.7 * $card->width) }}" height="{{ round(max(12, .4 * ($card->height - $card->picture))) }}"/>@endforeach</svg>
      @if ($edits && $way !== $arranged)<x-edit class="justify-self-start text-left" :$bench :changes="['grid.arrange' => $way]"
        :tries="true">{{ ucfirst(ShelfLook::ARRANGED[$way]) }}</x-edit>@else<b>{{ ucfirst(ShelfLook::ARRANGED[$way]) }}</b>@endif
      <span class="text-ink-2">{{ round(100 * $found['white']) }}% white, {{ $found['cut'] > 0.005 ? round(100 * $found['cut']).'% of pictures cut off' : 'nothing cut off' }}</span>
    </li>
    @endforeach
  </ul>
  <p class="pt-1 text-[12px]">@if ($least === $arranged)Nothing else leaves less.@else{{ ucfirst(ShelfLook::ARRANGED[$least]) }} leave {{ round(100 * $ways[$least]['white']) }}% white instead of
    {{ round(100 * $ways[$arranged]['white']) }}%{{ $ways[$arranged]['cut'] - $ways[$least]['cut'] > .005 ? ', and
      cut '.($ways[$least]['cut'] > .005 ? round(100 * $ways[$least]['cut']).'%' : 'nothing').' off instead of '.round(100 * $ways[$arranged]['cut']).'%' : '' }},
    on the three screens together.@endif @if ($arranged === 'columns')Products run down one column after the other.@endif</p>
</x-tool>
@if ($arranged !== 'columns')
<x-tool id="t-last" title="The last row" :note="'of '.$drawn->onPage().' on a page'">
  @php($now = $look->text('grid.last'))
  <ul class="fills-row grid grid-cols-[repeat(auto-fit,minmax(86px,1fr))] gap-2 text-[12px]">
    @foreach (ShelfLook::LAST as $way => $words)
    <li @class(['grid content-start gap-1 border-t-2 p-1', 'border-blue bg-blue-wash' => $way === $now, 'border-transparent' => $way !== $now])>
      <svg viewBox="0 0 96 46" aria-hidden="true">@for ($i = 0; $i < 8; $i++)<rect x="{{ 24 * ($i % 4) }}" y="{{ 15 * intdiv($i, 4) }}" width="22" height="13"/>@endfor
        @if ($way === 'center')<rect x="24" y="30" width="22" height="13"/><rect x="48" y="30" width="22" height="13"/>@elseif ($way === 'stretch')<rect y="30" width="46" height="13"/><rect
          x="48" y="30"
          width="46" height="13"/>@else<rect y="30" width="22" height="13"/><rect x="24" y="30" width="22" height="13"/>@if ($way === 'more')<rect class="tile" x="48" y="30" width="46"
          height="13"/>@else<rect class="none" x="48.500" y="30.500" width="21" height="12"/><rect class="none" x="72.500" y="30.500" width="21" height="12"/>@endif @endif</svg>
      @if ($edits && $way !== $now)<x-edit class="justify-self-start text-left" :$bench :changes="['grid.last' => $way]"
        :tries="true">{{ ucfirst($words) }}</x-edit>@else<b>{{ ucfirst($words) }}</b>@endif
    </li>
    @endforeach
  </ul>
  @foreach ($arranged === 'tiles' ? array_keys(ScreenPages::SCREENS) : [] as $device)
  @php($empty = $forms[$device]->empty($drawn->onPage()))
  @continue($empty === 0.0 || $drawn->ways($device) === [])
  <p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]"><x-diamond severity="know"/> {{ round($empty) }} {{ $empty === 1.0 ? 'place stays' : 'places stay' }} empty on a {{ $device }}:
    @foreach ($drawn->ways($device) as $way)<span>@if ($edits)<x-edit :$bench :changes="$way['changes']" :tries="true">{{ $way['words'] }}</x-edit>@else<b>{{ $way['words'] }}</b>@endif <span
      class="text-ink-2">{{ $way['told'] }}</span></span>@endforeach</p>
  @endforeach
</x-tool>
@endif
@include('workbench.products.filters')
@php($order = $drawn->order())
@php($away = ['column' => 'first_goods', 'value' => '', 'stood' => $order['stood'] ?? ''])
<x-tool id="t-order" title="Order" :note="$order === null ? '' : ($order['placed'] === 0 ? 'as all goods stand' : $order['placed'].' placed by hand, then as all goods stand')">
  @if ($order === null)
  <p class="text-[12px]">{{ $drawn->filter !== 'all' ? 'Products are placed where all of them show.' : 'The shelf begins sorted otherwise, and shows no order by hand.' }}
    @if ($drawn->filter === 'all' && $edits)<x-edit :$bench :changes="['grid.sort' => 'shelf']" :tries="true">Begin as we arranged them</x-edit>@endif</p>
  @else
  <p class="flex flex-wrap items-baseline gap-x-3 text-[12px]">@if ($edits)<span>Drag a product on the desktop’s shelf, or move it with Alt and the arrow keys.</span>
    @if ($order['placed'] > 0)<button type="button" class="act" id="order-away" hx-post="{{ $bench->address('storeroom/cells') }}"
      hx-vals="{{ json_encode(['open_kind' => 'categories', 'here' => 1, 'record' => $order['category'], ...$away]) }}">As all goods stand</button>@endif
    @php($last = $bench->lastInStoreroom())
    @if ($last !== null)<span><button type="button" class="act" id="order-undo" hx-post="{{ $bench->address('storeroom/undo') }}"
      hx-vals="{{ json_encode(['here' => 1]) }}">Undo in the Storeroom</button> <span
      class="text-ink-2">{{ $last }}. Places show in the shop at once.</span></span>@endif @endif</p>
  @endif
</x-tool>
@include('workbench.products.weight')
@if ($arranged === 'tiles')
<x-tool id="t-shelves" title="Every shelf" note="its last row on each screen">
  @if ($look->text('grid.filters') !== 'none')
  <p class="flex gap-x-4 pb-1 text-[12px]" role="group" aria-label="Asked for">@foreach (ShelfCounts::FILTERS as $filter => $words)<a
    @class(['act', 'chosen px-1 no-underline' => $filter === $drawn->filter])
    href="{{ $panel->address(['open_filter' => $filter]) }}" hx-get="{{ $panel->address(['open_filter' => $filter]) }}" @if ($filter === $drawn->filter)
      aria-current="true" @endif>{{ ucfirst($words) }}</a>@endforeach</p>
  @endif
  <table class="every-shelf text-[12px]">
    <thead><tr><th scope="col">Shelf</th><th scope="col">products</th>@foreach (array_keys($forms) as $device)<th scope="col">{{ $device }}</th>@endforeach</tr></thead>
    <tbody>
    @foreach ($stock->shelves as $slug => $shelf)
    @php($count = $drawn->fitting()[$slug])
    @php($pages = \Ikat\Core\Grid\ShelfForm::pages($count, max(1, $drawn->solver->look->count)))
    <tr @class(['is-open' => $slug === $drawn->slug])><th scope="row"><a class="act font-normal" href="{{ $panel->address(['open_shelf' => $slug]) }}"
      hx-get="{{ $panel->address(['open_shelf' => $slug]) }}"
      @if ($slug === $drawn->slug) aria-current="true" @endif>{{ $shelf['name'] }}</a></th><td>{{ number_format($count) }}</td>
      @foreach ($forms as $form)
      @php($last = $pages === [] ? 0 : $pages[count($pages) - 1])
      @php($left = $form->leftOver($last))
      <td>@if ($last > 0)<span class="last-row" role="img"
        aria-label="{{ $form->columns - $left }} of {{ $form->columns }}, {{ round($form->empty($last)) }} empty">@for ($i = 0; $i < $form->columns; $i++)<i
        @class(['is-empty' => $i >= $form->columns - $left && $form->last !== 'more', 'is-filled' => $i >= $form->columns - $left && $form->last === 'more'])></i>@endfor</span>@endif</td>
      @endforeach
    </tr>
    @endforeach
    </tbody>
  </table>
  @if ($stock->categories > count($stock->shelves))<p class="pt-1 text-[12px] text-ink-2">The first {{ count($stock->shelves) }} of {{ number_format($stock->categories) }}.</p>@endif
</x-tool>
@endif
@endif
@endif
@if ($panel->tab === 'card')
@php($tool = $panel->card())
@php($picture = $panel->frame()->picture())
@includeWhen($tool->drawing() !== null, 'workbench.products.card')
@if ($picture !== null)@include('workbench.products.picture')@endif
@if ($look->value('card.label') === true)
@php([$across, $down] = [$look->text('card.label.across'), $look->text('card.label.down')])
@php($shown = $tool->labelled())
@php($cover = $tool->labelCover())
@php($labelled = $cover->labelled())
@php($hides = fn (string $x, string $y): string => count($cover->hidden($x, $y)).' of '.$labelled)
<x-tool id="t-label" title="Labels" note="how many hide part of their thing on a phone">
  <div class="label-corners" role="group" aria-label="Corner of the labels">
    @if ($shown !== null)<img src="{{ $shown->smallest() }}" alt="" width="210" height="180">@endif
    @foreach (['top' => 'top', 'bottom' => 'bottom'] as $y => $words)@foreach (['start' => 'left', 'end' => 'right'] as $x => $side)
    @php($isHere = $x === $across && $y === $down)
    @if ($edits && ! $isHere)<x-edit class="corner at-{{ $y }}-{{ $x }}" :$bench look="" :changes="['card.label.across' => $x, 'card.label.down' => $y]"
      :tries="true">{{ ucfirst($words) }} {{ $side }} <i>{{ $hides($x, $y) }}</i></x-edit>
    @elseif ($isHere)<b class="corner at-{{ $y }}-{{ $x }} is-here">{{ ucfirst($words) }} {{ $side }} <i>{{ $hides($x, $y) }}</i></b>@endif
    @endforeach @endforeach
  </div>
</x-tool>
@endif
@php($most = $tool->mostLines())
@php($names = $tool->longNames())
@php($cut = fn (string $device): int => $most === null ? 0 : count(array_filter($names, fn ($each) => $each['lines'][$device] > $most)))
<x-tool id="t-names" title="Names" :note="$most === null ? 'shown whole' : 'cut after '.$most.($most === 1 ? ' line' : ' lines')">
  <table class="every-shelf text-[12px]">
    <thead><tr><th scope="col">The longest</th>@foreach (array_keys(ScreenPages::SCREENS) as $device)<th scope="col">{{ $device }}</th>@endforeach</tr></thead>
    <tbody>@foreach (array_slice($names, 0, 8) as $each)
    <tr><th scope="row"><a class="act font-normal" href="{{ $bench->address('storeroom?open_record='.$each['id']) }}" data-open>{{ $each['name'] }}</a></th>@foreach ($each['lines'] as $lines)<td><span
      class="name-lines" role="img" aria-label="{{ $lines }} {{ $lines === 1 ? 'line' : 'lines' }}{{ $most !== null && $lines > $most ? ', cut after '.$most : '' }}">@for ($i = 0; $i < $lines; $i++)<i
        @class(['is-cut' => $most !== null && $i >= $most])></i>@endfor</span></td>@endforeach</tr>
    @endforeach</tbody>
    @if ($most !== null)<tfoot><tr><th scope="row">cut, of {{ count($names) }}</th>@foreach (array_keys(ScreenPages::SCREENS) as $device)<td>{{ $cut($device) }}</td>@endforeach</tr></tfoot>@endif
  </table>
  @if ($edits)<p class="flex gap-x-3 pt-1 text-[12px]" role="group"
    aria-label="Lines of a name">Show @foreach ($bench->choicesOf($bench->setting('card.name.lines'), $look->text('card.name.lines')) as $value => $words)
    @if ((string) $value === $look->text('card.name.lines'))<b>{{ $words }}</b>@else<x-edit :$bench :changes="['card.name.lines' => (string) $value]"
      :tries="true">{{ $words }}</x-edit>@endif @endforeach</p>@endif
</x-tool>
@endif
@includeWhen($panel->tab === 'product' && $panel->page() !== null, 'workbench.products.product')
<x-tool id="p-tab" :title="Parts::label($panel->tab).': every setting'">
  @foreach ($panel->settingsOf($panel->tab) as $setting)
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @endforeach
</x-tool>
@include('workbench.shell.original')
