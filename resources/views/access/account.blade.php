<x-plain title="Your way in" :wide="true" script="account">
  @php($said = ['password' => 'Your password is changed, and you are signed out everywhere else.', 'session' => 'Signed out there.', 'factor' => 'The second factor is off.'])
  <p class="flex flex-wrap gap-5"><a class="act" href="/workbench">Back to the workbench</a>@if ($user->role === App\Models\Role::Owner) <a class="act"
    href="/workbench/people">People of the store</a>@endif</p>
  @if (isset($said[$done]))<x-notice
    role="status">{{ $said[$done] }}</x-notice>@endif
  @if ($codes)
  <section class="grid gap-2.5" aria-labelledby="codes"><h2 class="font-title text-[17px]/6 font-semibold" id="codes">Your recovery codes</h2>
    <p role="status">The second factor is on. Keep these where you keep what matters: each opens the door once, on a day without your device. They are shown now and never again.</p>
    <ul class="codes columns-2 text-[15px]">@foreach ($codes as $code)<li><code>{{ $code }}</code></li>@endforeach</ul>
  </section>
  @endif
  <section class="grid gap-2.5" aria-labelledby="who"><h2 class="font-title text-[17px]/6 font-semibold" id="who">{{ $user->name }}</h2><p>{{ $user->email }}, {{ $user->role->value }}</p></section>
  <section class="grid gap-2.5" aria-labelledby="password"><h2 class="font-title text-[17px]/6 font-semibold" id="password">Password</h2>
    @if ($passwordProblem)<x-notice role="alert">{{ $passwordProblem }}</x-notice>@endif
    <form method="post" action="/workbench/account/password" class="grid max-w-[380px] gap-3">
      @csrf
      <input type="hidden" name="username" autocomplete="username" value="{{ $user->email }}">
      <x-line-field label="Present password"><input class="entry" name="current" type="password" autocomplete="current-password" required></x-line-field>
      @include('access.new-password')
      <button class="publish justify-self-start">Change it</button>
    </form>
  </section>
  <section class="grid gap-2.5" aria-labelledby="second-factor" id="second-factor-part"><h2 class="font-title text-[17px]/6 font-semibold" id="second-factor">Second factor</h2>
    @if ($factorProblem)<x-notice role="alert">{{ $factorProblem }}</x-notice>@endif
    @if ($user->hasSecondFactor())
    <p>On since {{ $user->factor_since->format('F j, Y') }}; {{ count($user->recovery_codes ?? []) }} recovery codes are left.</p>
    <form method="post" action="/workbench/account/second-factor/off" class="grid max-w-[380px] gap-3">@csrf<x-line-field label="Present password"><input class="entry" name="current"
      type="password" autocomplete="current-password" required></x-line-field><button class="act justify-self-start">Turn it off</button></form>
    @elseif ($taught)
    <p>Point an authenticator at the square, or type the letters into it. Then type the six figures it shows.</p>
    <div class="factor-square w-45" data-otpauth="{{ $taught['address'] }}" role="img" aria-label="A square code for an authenticator; the letters beside it are the same"></div>
    <p><code class="factor-letters text-[15px] tracking-[0.04em]">{{ $taught['secret'] }}</code></p>
    <form method="post" action="/workbench/account/second-factor" class="grid max-w-[380px] gap-3">@csrf<x-line-field label="The six figures"><input class="entry" name="code" inputmode="numeric"
      autocomplete="one-time-code" maxlength="12" required></x-line-field><button class="publish justify-self-start">Turn it on</button></form>
    @else
    <p>With it, somebody who learns your password still cannot get in: your device shows six new figures every half minute.</p>
    <form method="post" action="/workbench/account/second-factor/teach">@csrf<button class="act">Set it up</button></form>
    @endif
  </section>
  <section class="grid gap-2.5" aria-labelledby="places"><h2 class="font-title text-[17px]/6 font-semibold" id="places">Where you are signed in</h2>
    <ul class="people grid gap-2 *:flex *:flex-wrap *:items-center *:gap-x-4 *:gap-y-1.5 *:border-b *:border-edge *:py-2">
      @foreach ($sessions as $session)
      <li><span class="flex-[1_1_260px]"><b>{{ $session['agent'] }}</b> {{ $session['ip'] }}</span> <span>{{ $session['here'] ? 'here, now' : 'last seen '.$session['seen']->diffForHumans() }}</span>
        @unless ($session['here'])<form method="post" action="/workbench/account/sessions">@csrf<input type="hidden" name="session" value="{{ $session['key'] }}"><button
          class="act">Sign out there</button></form>@endunless</li>
      @endforeach
    </ul>
    @if (count($sessions) > 1)<form method="post" action="/workbench/account/sessions">@csrf<input type="hidden" name="session" value="others"><button
      class="act">Sign out everywhere else</button></form>@endif
  </section>
</x-plain>
