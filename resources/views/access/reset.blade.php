<x-plain title="Choose a new password">
  <p>For {{ $link->email }}. Wherever you are signed in now, you are signed out.</p>
  @if ($problem)<x-notice role="alert">{{ $problem }}</x-notice>@endif
  <form method="post" action="/workbench/reset/{{ $token }}" class="grid max-w-[380px] gap-3">
    @csrf
    @include('access.new-password')
    <button class="publish justify-self-start">Keep it</button>
  </form>
</x-plain>
