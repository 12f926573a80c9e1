@php($second = $shop->text('header.menu.second'))
@php($search = $shop->text('header.search'))
<header class="header logo-{{ $shop->text('header.logo.place') }} {{ $over ? 'is-over '.$shop->wears('header.over.scheme') : $shop->wears('header.scheme') }}" data-part="header"
  data-from="header.scheme header.sticky header.over header.over.scheme">
  <div class="frame">
    <details class="fold" data-from="header.menu.main header.menu.place header.menu.fold"><summary aria-label="Menu"><x-icon name="menu"/></summary>
      <ul>
        @include('shop.parts.entries', ['entries' => $shop->menu($shop->text('header.menu.main')), 'opens' => false])
        @if ($second !== 'none')@include('shop.parts.entries', ['entries' => $shop->menu($second), 'opens' => false])@endif
        @if ($shop->on('header.account'))<li><a href="{{ $shop->address('/account') }}">Your orders</a></li>@endif
        @if ($shop->on('header.saved'))<li><a href="{{ $shop->address('/saved') }}">Saved items</a></li>@endif</ul>
    </details>
    @include('shop.parts.logo', ['on' => $over ? 'header.over.scheme' : 'header.scheme'])
    <nav class="menu" aria-label="Main menu" data-from="header.menu.main header.menu.place header.menu.fold">
      <ul>@include('shop.parts.entries', ['entries' => $shop->menu($shop->text('header.menu.main')), 'opens' => true])</ul>
    </nav>
    <div class="tools">
      @if ($second !== 'none')<nav class="second" aria-label="Second menu" data-from="header.menu.second"><ul>
        @include('shop.parts.entries', ['entries' => $shop->menu($second), 'opens' => true])</ul></nav>@endif
      @foreach (explode(',', $shop->text('header.icons')) as $icon)
      @switch($icon)
      @case('search')
      @if ($search === 'box')<form class="search-box" role="search" aria-label="Search the shop" action="{{ $shop->address('/search') }}" data-from="header.search"><label class="hidden-words"
        for="header-q">Search the shop</label><input class="input" id="header-q" name="q" type="search" maxlength="80"><button class="tool" aria-label="Search"><x-icon
        name="search"/></button></form>@endif
      @if ($search !== 'none')<a @class(['tool', 'search-icon' => $search === 'box']) href="{{ $shop->address('/search') }}" aria-label="Search" data-from="header.search"><x-icon
        name="search"/></a>@endif
      @break
      @case('chooser')
      @if ($shop->on('header.chooser'))@include('shop.parts.chooser', ['id' => 'header-country', 'from' => 'header.chooser'])@endif
      @break
      @case('account')
      @if ($shop->on('header.account'))<a class="tool tool-more" href="{{ $shop->address('/account') }}" aria-label="Your orders" data-from="header.account"><x-icon name="user"/></a>@endif
      @break
      @case('saved')
      @if ($shop->on('header.saved'))<a class="tool tool-more" href="{{ $shop->address('/saved') }}" aria-label="Saved items" data-from="header.saved"><x-icon name="heart"/></a>@endif
      @break
      @case('cart')
      @if ($shop->on('header.cart'))
      @php($count = $shop->visitor->count())
      <a class="tool" href="{{ $shop->address('/cart') }}" aria-label="Cart, {{ $count }} {{ $count === 1 ? 'item' : 'items' }}" data-from="header.cart"><x-icon
        name="shopping-bag"/>@if ($count > 0)<span class="count" aria-hidden="true">{{ $count }}</span>@endif</a>
      @endif
      @break
      @endswitch
      @endforeach
    </div>
  </div>
</header>
