<x-shop::layout :shop="$shop" :title="$shop->say('Letters')" :head="$shop->isShut() ? 'logo' : 'whole'">
<div class="frame lonely">
  @if ($state === 'gone')
  <h1>{{ $shop->say('This link leads no further') }}</h1><p
    class="message message-notice">{{ $shop->say('It is too old, or the address has been taken off the list. Give it again where you gave it first.') }}</p>
  @elseif ($state === 'left')
  <h1>{{ $shop->say('You are off the list') }}</h1><p class="message message-done">{{ $shop->say('The address is forgotten. No letter will come.') }}</p>
  @elseif ($state === 'joined')
  <h1>{{ $shop->say('Thank you') }}</h1><p class="message message-done">{{ $shop->say('Letters will come to :email.', ['email' => $email]) }}</p>
  <form class="sorting" method="post" action="{{ $shop->address("/letters/$token/leave") }}"><button class="quiet-button">{{ $shop->say('Take me off the list again') }}</button></form>
  @else
  <h1>{{ $shop->say('Is :email your address?', ['email' => $email]) }}</h1>
  <form class="sorting" method="post" action="{{ $shop->address("/letters/$token") }}"><button class="button">{{ $shop->say('Yes, write to me') }}</button></form>
  <form class="sorting" method="post" action="{{ $shop->address("/letters/$token/leave") }}"><button class="quiet-button">{{ $shop->say('No, forget it') }}</button></form>
  @endif
  <a class="quiet-button" href="{{ $shop->address('/') }}">{{ $shop->say('Back to the shop') }}</a>
</div>
</x-shop::layout>
