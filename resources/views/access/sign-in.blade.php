<x-plain title="Sign in to the workbench">
  @if ($problem)<p class="notice" role="alert">{{ $problem }}</p>@endif
  <form method="post" action="/workbench/sign-in" class="grid gap-3">
    @csrf
    <label class="line-field">E-mail<input class="entry" name="email" type="email" autocomplete="username" value="{{ $email }}" maxlength="190" required autofocus></label>
    <label class="line-field">Password<input class="entry" name="password" type="password" autocomplete="current-password" required></label>
    <button class="publish justify-self-start">Sign in</button>
  </form>
  <p><a class="act" href="/workbench/forgot">I have forgotten my password</a></p>
</x-plain>
