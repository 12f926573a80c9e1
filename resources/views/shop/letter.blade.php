<x-shop::layout :shop="$shop" :title="$shop->say('Letters')" :head="$shop->isShut() ? 'logo' : 'whole'">
<div class="frame lonely">
  @if ($valid)
  <h1>{{ $shop->say('Thank you') }}</h1><p
    class="message message-done">{{ $shop->say('A letter is on its way to :email: say yes in it, and the next ones will come.', ['email' => $email]) }}</p><a class="quiet-button"
    href="{{ $shop->address('/') }}">{{ $shop->say('Back to the shop') }}</a>
  @else
  <h1>{{ $shop->say('One more try') }}</h1><p class="message message-problem"
    role="alert">{{ $shop->say('“:email” is not an e-mail address. Write one such as ada@example.org.', ['email' => $email]) }}</p>
  <form class="sorting" method="post" action="{{ $shop->address('/letters') }}"><div class="field"><label for="letter-email">{{ $shop->say('E-mail') }}</label><input class="input"
    id="letter-email" name="email"
    type="email" autocomplete="email" value="{{ $email }}" required></div><button class="button">{{ $shop->say('Sign me up') }}</button></form>
  @endif
</div>
</x-shop::layout>
