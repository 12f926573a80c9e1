<x-plain title="A new password">
  @if ($sent)
  <p class="notice" role="status">If somebody works here with that address, a letter with a way to choose a new password is on its way. It holds for an hour.</p>
  @else
  <p>Say your address. A letter to it holds a way to choose a new password.</p>
  <form method="post" action="/workbench/forgot" class="grid gap-3">
    @csrf
    <label class="line-field">E-mail<input class="entry" name="email" type="email" autocomplete="username" maxlength="190" required autofocus></label>
    <button class="publish justify-self-start">Send me the letter</button>
  </form>
  @endif
  <p><a class="act" href="/workbench/sign-in">Back to the sign-in</a></p>
</x-plain>
