<x-shop::layout :shop="$shop" :title="$shop->say('Locked')" head="none" scheme="locked.scheme">
<main class="locked" data-part="locked"><div>
  @include('shop.parts.logo', ['on' => 'locked.scheme'])
  <h1 data-from="locked.heading">{{ $shop->words('locked.heading') }}</h1>
  <p data-from="locked.words">{{ $shop->words('locked.words') }}</p>
  @if ($problem)<p class="message message-problem" role="alert">{{ $shop->say($problem) }}</p>@endif
  <form method="post" action="{{ $shop->address('/locked') }}"><div class="field"><label for="password">{{ $shop->say('Password') }}</label><input class="input" id="password" name="password"
    type="password"
    autocomplete="current-password" required></div><button
    class="button {{ $shop->colors('locked.button.scheme') }}" data-from="locked.button locked.button.scheme">{{ $shop->words('locked.button') }}</button></form>
  @if ($shop->on('locked.list'))<form method="post" action="{{ $shop->address('/letters') }}" data-from="locked.list"><input type="hidden" name="list" value="launch"><div
    class="field"><label for="launch-email" data-from="locked.list.words">{{ $shop->words('locked.list.words') }}</label><input class="input" id="launch-email" name="email" type="email"
    autocomplete="email" required></div><button
    class="quiet-button" data-from="locked.list.button">{{ $shop->words('locked.list.button') }}</button></form>@endif
</div></main>
</x-shop::layout>
