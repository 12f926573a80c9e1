<x-plain title="Sign in to the workbench">
  @if ($problem)<x-notice role="alert">{{ $problem }}</x-notice>@endif
  <form method="post" action="/workbench/sign-in" class="grid max-w-[380px] gap-3">
    @csrf
    <x-line-field label="E-mail"><input class="entry" name="email" type="email" autocomplete="username" value="{{ $email }}" maxlength="190" required autofocus></x-line-field>
    <x-line-field label="Password"><input class="entry" name="password" type="password" autocomplete="current-password" required></x-line-field>
    <button class="publish justify-self-start">Sign in</button>
  </form>
  <p><a class="act" href="/workbench/forgot">I have forgotten my password</a></p>
  @if (config('ikat.open_stores'))<p><a class="act" href="/workbench/open">Open a new store</a></p>@endif
</x-plain>
