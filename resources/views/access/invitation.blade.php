<x-plain title="Join a store">
  <p>You are asked to join as {{ $link->role }}, with the address {{ $link->email }}.</p>
  @if ($problem)<p class="notice" role="alert">{{ $problem }}</p>@endif
  <form method="post" action="/workbench/invitation/{{ $token }}" class="grid gap-3">
    @csrf
    <label class="line-field">Your name<input class="entry" name="name" autocomplete="name" maxlength="120" value="{{ $name }}" required></label>
    @include('access.new-password')
    <button class="publish justify-self-start">Join</button>
  </form>
</x-plain>
