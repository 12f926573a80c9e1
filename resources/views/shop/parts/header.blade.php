@php($second = $shop->text('header.menu.second'))
@php($search = $shop->text('header.search'))
@php($rows = $shop->arrangement()->rows)
<header data-part="header"
  class="header folded-logo-{{ $shop->text('header.folded.logo') }} folded-button-{{ $shop->text('header.folded.button') }}
  {{ $over ? 'is-over '.$shop->wears('header.over.scheme') : $shop->wears('header.scheme') }}"
  data-from="header.scheme header.sticky header.sticky.size header.over header.over.scheme header.order header.logo.place header.button.place header.second.place header.search.place
  header.chooser.place header.icons.place">
  <div class="frame">
    <details class="fold" data-from="header.menu.main header.menu.place header.menu.fold header.folded.button"><summary aria-label="{{ $shop->say('Menu') }}"><x-icon name="menu"/></summary>
      <ul>
        @if ($shop->on('header.button.show'))<li data-from="header.button.show header.button.menu"><span class="fold-head"
          data-from="header.button.text">{{ $shop->words('header.button.text') }}</span><ul>
          @include('shop.parts.entries', ['entries' => $shop->menu($shop->text('header.button.menu')), 'opens' => false])</ul></li>@endif
        @include('shop.parts.entries', ['entries' => $shop->menu($shop->text('header.menu.main')), 'opens' => false])
        @if ($second !== 'none')@include('shop.parts.entries', ['entries' => $shop->menu($second), 'opens' => false])@endif
        @if ($search !== 'none' && $shop->text('header.folded.search') === 'menu')<li data-from="header.folded.search"><a
          href="{{ $shop->address('/search') }}">{{ $shop->say('Search') }}</a></li>@endif
        @if ($shop->on('header.account') && ! $shop->on('header.folded.account'))<li><a href="{{ $shop->address('/account') }}">{{ $shop->say('Your orders') }}</a></li>@endif
        @if ($shop->on('header.saved') && ! $shop->on('header.folded.saved'))<li><a href="{{ $shop->address('/saved') }}">{{ $shop->say('Saved items') }}</a></li>@endif
        @foreach ($shop->utility('wide') as $item)<li class="fold-utility" data-from="utility.{{ $item }}.devices">@include('shop.parts.utility-item', ['item' => $item])</li>@endforeach
        @if ($shop->on('header.chooser'))<li>@include('shop.parts.chooser', ['id' => 'fold-country', 'from' => 'header.chooser'])</li>@endif</ul>
    </details>
    @foreach ($rows as $row)
    @php($soft = \Ikat\Core\Header\Arrangement::soft($row))
    <div @class(['header-row', 'has-middle' => $row['middle'] !== [], "soft-$soft" => $soft !== null])>
      @foreach ($row as $place => $parts)@if ($place !== 'middle' || $parts !== [])<div class="header-place at-{{ $place }}">
        @foreach ($parts as $part)@switch($part)
        @case('logo')
        @include('shop.parts.logo', ['on' => $over ? 'header.over.scheme' : 'header.scheme'])
        @break
        @case('menu')
        <nav class="menu points-{{ $shop->text('header.menu.pointed') }}" aria-label="{{ $shop->say('Main menu') }}"
          data-from="header.menu.main header.menu.place header.menu.fold header.menu.pointed">
          <ul>@include('shop.parts.entries', ['entries' => $shop->menu($shop->text('header.menu.main')), 'opens' => true])</ul>
        </nav>
        @break
        @case('second')
        <nav class="second points-{{ $shop->text('header.menu.pointed') }}" aria-label="{{ $shop->say('Second menu') }}" data-from="header.menu.second header.second.place"><ul>
          @include('shop.parts.entries', ['entries' => $shop->menu($second), 'opens' => true])</ul></nav>
        @break
        @case('button')
        <details class="shelf-button below" name="menu-below" data-from="header.button.show header.button.place header.button.menu"><summary class="quiet-button"
          data-from="header.button.text">{{ $shop->words('header.button.text') }}<x-icon
          name="chevron-down"/></summary><ul>@include('shop.parts.entries', ['entries' => $shop->menu($shop->text('header.button.menu')), 'opens' => false])</ul></details>
        @break
        @case('search')
        <form @class(['search-box', 'is-folded-too' => $shop->text('header.folded.search') === 'box']) role="search" aria-label="{{ $shop->say('Search the shop') }}"
          action="{{ $shop->address('/search') }}"
          data-from="header.search header.search.place header.folded.search"><label class="hidden-words" for="header-q">{{ $shop->say('Search the shop') }}</label><input class="input"
            id="header-q" name="q" type="search"
          maxlength="80" data-from="header.search.width"><button class="tool" aria-label="{{ $shop->say('Search') }}"><x-icon name="search"/></button></form>
        @break
        @case('chooser')
        @include('shop.parts.chooser', ['id' => 'header-country', 'from' => 'header.chooser header.chooser.place'])
        @break
        @case('icons')
        @include('shop.parts.tools')
        @break
        @endswitch @endforeach
      </div>@endif @endforeach
    </div>
    @endforeach
  </div>
</header>
