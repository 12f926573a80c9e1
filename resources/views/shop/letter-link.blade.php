<x-shop::layout :shop="$shop" title="Letters" :head="$shop->isShut() ? 'logo' : 'whole'">
<div class="frame lonely">
  @if ($state === 'gone')
  <h1>This link leads no further</h1><p class="message message-notice">It is too old, or the address has been taken off the list. Give it again where you gave it first.</p>
  @elseif ($state === 'left')
  <h1>You are off the list</h1><p class="message message-done">The address is forgotten. No letter will come.</p>
  @elseif ($state === 'joined')
  <h1>Thank you</h1><p class="message message-done">Letters will come to {{ $email }}.</p>
  <form class="sorting" method="post" action="{{ $shop->address("/letters/$token/leave") }}"><button class="quiet-button">Take me off the list again</button></form>
  @else
  <h1>Is {{ $email }} your address?</h1>
  <form class="sorting" method="post" action="{{ $shop->address("/letters/$token") }}"><button class="button">Yes, write to me</button></form>
  <form class="sorting" method="post" action="{{ $shop->address("/letters/$token/leave") }}"><button class="quiet-button">No, forget it</button></form>
  @endif
  <a class="quiet-button" href="{{ $shop->address('/') }}">Back to the shop</a>
</div>
</x-shop::layout>
