<x-plain title="Join a store">
  <p>You are asked to join as {{ $link->role }}, with the address {{ $link->email }}.</p>
  @if ($problem)<x-notice role="alert">{{ $problem }}</x-notice>@endif
  <form method="post" action="/workbench/invitation/{{ $token }}" class="grid max-w-[380px] gap-3">
    @csrf
    <x-line-field label="Your name"><input class="entry" name="name" autocomplete="name" maxlength="120" value="{{ $name }}" required></x-line-field>
    @include('access.new-password')
    <button class="publish justify-self-start">Join</button>
  </form>
</x-plain>
