<x-plain title="Choose a new password">
  <p>For {{ $link->email }}. Wherever you are signed in now, you are signed out.</p>
  @if ($problem)<p class="notice" role="alert">{{ $problem }}</p>@endif
  <form method="post" action="/workbench/reset/{{ $token }}" class="grid gap-3">
    @csrf
    @include('access.new-password')
    <button class="publish justify-self-start">Keep it</button>
  </form>
</x-plain>
