<x-plain title="Your way in" :wide="true" script="account">
  <p class="flex flex-wrap gap-5"><a class="act" href="/workbench">Back to the workbench</a>@if ($user->role === App\Models\Role::Owner) <a class="act" href="/workbench/people">People of the store</a>@endif</p>
  @if (in_array($done, ['password', 'session', 'factor'], true))<p class="notice" role="status">{{ ['password' => 'Your password is changed, and you are signed out everywhere else.', 'session' => 'Signed out there.', 'factor' => 'The second factor is off.'][$done] }}</p>@endif
  @if ($codes)
  <section aria-labelledby="codes"><h2 id="codes">Your recovery codes</h2>
    <p role="status">The second factor is on. Keep these where you keep what matters: each opens the door once, on a day without your device. They are shown now and never again.</p>
    <ul class="codes">@foreach ($codes as $code)<li><code>{{ $code }}</code></li>@endforeach</ul>
  </section>
  @endif
  <section aria-labelledby="who"><h2 id="who">{{ $user->name }}</h2><p>{{ $user->email }}, {{ $user->role->value }}</p></section>
  <section aria-labelledby="password"><h2 id="password">Password</h2>
    @if ($passwordProblem)<p class="notice" role="alert">{{ $passwordProblem }}</p>@endif
    <form method="post" action="/workbench/account/password" class="grid gap-3">
      @csrf
      <input type="hidden" name="username" autocomplete="username" value="{{ $user->email }}">
      <label class="line-field">Present password<input class="entry" name="current" type="password" autocomplete="current-password" required></label>
      @include('access.new-password')
      <button class="publish justify-self-start">Change it</button>
    </form>
  </section>
  <section aria-labelledby="second-factor" id="second-factor-part"><h2 id="second-factor">Second factor</h2>
    @if ($factorProblem)<p class="notice" role="alert">{{ $factorProblem }}</p>@endif
    @if ($user->hasSecondFactor())
    <p>On since {{ $user->factor_since->format('F j, Y') }}; {{ count($user->recovery_codes ?? []) }} recovery codes are left.</p>
    <form method="post" action="/workbench/account/second-factor/off" class="grid gap-3">@csrf<label class="line-field">Present password<input class="entry" name="current" type="password" autocomplete="current-password" required></label><button class="act justify-self-start">Turn it off</button></form>
    @elseif ($taught)
    <p>Point an authenticator at the square, or type the letters into it. Then type the six figures it shows.</p>
    <div class="factor-square" data-otpauth="{{ $taught['address'] }}" role="img" aria-label="A square code for an authenticator; the letters beside it are the same"></div>
    <p><code class="factor-letters">{{ $taught['secret'] }}</code></p>
    <form method="post" action="/workbench/account/second-factor" class="grid gap-3">@csrf<label class="line-field">The six figures<input class="entry" name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="12" required></label><button class="publish justify-self-start">Turn it on</button></form>
    @else
    <p>With it, somebody who learns your password still cannot get in: your device shows six new figures every half minute.</p>
    <form method="post" action="/workbench/account/second-factor/teach">@csrf<button class="act">Set it up</button></form>
    @endif
  </section>
  <section aria-labelledby="places"><h2 id="places">Where you are signed in</h2>
    <ul class="people">
      @foreach ($sessions as $session)
      <li><span><b>{{ $session['agent'] }}</b> {{ $session['ip'] }}</span> <span>{{ $session['here'] ? 'here, now' : 'last seen '.$session['seen']->diffForHumans() }}</span>
        @unless ($session['here'])<form method="post" action="/workbench/account/sessions">@csrf<input type="hidden" name="session" value="{{ $session['key'] }}"><button class="act">Sign out there</button></form>@endunless</li>
      @endforeach
    </ul>
    @if (count($sessions) > 1)<form method="post" action="/workbench/account/sessions">@csrf<input type="hidden" name="session" value="others"><button class="act">Sign out everywhere else</button></form>@endif
  </section>
</x-plain>
