<x-plain title="A new password">
  @if ($sent)
  <x-notice role="status">If somebody works here with that address, a letter with a way to choose a new password is on its way. It holds for an hour.</x-notice>
  @else
  <p>Say your address. A letter to it holds a way to choose a new password.</p>
  <form method="post" action="/workbench/forgot" class="grid max-w-[380px] gap-3">
    @csrf
    <x-line-field label="E-mail"><input class="entry" name="email" type="email" autocomplete="username" maxlength="190" required autofocus></x-line-field>
    <button class="publish justify-self-start">Send me the letter</button>
  </form>
  @endif
  <p><a class="act" href="/workbench/sign-in">Back to the sign-in</a></p>
</x-plain>
