<x-plain title="Your second factor">
  <p>Type the six figures your device shows now, or one of your recovery codes.</p>
  @if ($problem)<p class="notice" role="alert">{{ $problem }}</p>@endif
  <form method="post" action="/workbench/second-factor" class="grid gap-3">
    @csrf
    <label class="line-field">Code<input class="entry" name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="40" required autofocus></label>
    <button class="publish justify-self-start">Go on</button>
  </form>
  <p><a class="act" href="/workbench/sign-in">Back to the sign-in</a></p>
</x-plain>
