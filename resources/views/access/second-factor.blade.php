<x-plain title="Your second factor">
  <p>Type the six figures your device shows now, or one of your recovery codes.</p>
  @if ($problem)<x-notice role="alert">{{ $problem }}</x-notice>@endif
  <form method="post" action="/workbench/second-factor" class="grid max-w-[380px] gap-3">
    @csrf
    <x-line-field label="Code"><input class="entry" name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="40" required autofocus></x-line-field>
    <button class="publish justify-self-start">Go on</button>
  </form>
  <p><a class="act" href="/workbench/sign-in">Back to the sign-in</a></p>
</x-plain>
