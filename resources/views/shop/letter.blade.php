<x-shop::layout :shop="$shop" title="Letters" :head="$shop->isShut() ? 'logo' : 'whole'">
<div class="frame lonely">
  @if ($valid)
  <h1>Thank you</h1><p class="message message-done">A letter is on its way to {{ $email }}: say yes in it, and the next ones will come.</p><a class="quiet-button"
    href="{{ $shop->address('/') }}">Back to the shop</a>
  @else
  <h1>One more try</h1><p class="message message-problem" role="alert">“{{ $email }}” is not an e-mail address. Write one such as ada@example.org.</p>
  <form class="sorting" method="post" action="{{ $shop->address('/letters') }}"><div class="field"><label for="letter-email">E-mail</label><input class="input" id="letter-email" name="email"
    type="email" autocomplete="email" value="{{ $email }}" required></div><button class="button">Sign me up</button></form>
  @endif
</div>
</x-shop::layout>
