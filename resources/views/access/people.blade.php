<x-plain title="People of the store" :wide="true">
  <p class="flex flex-wrap gap-5"><a class="act" href="/workbench">Back to the workbench</a> <a class="act" href="/workbench/account">Your way in</a></p>
  @if ($problem)<p class="notice" role="alert">{{ $problem }}</p>@endif
  <section aria-labelledby="people"><h2 id="people">Who works here</h2>
    <ul class="people">
      @foreach ($people as $person)
      <li><span><b>{{ $person->name }}</b> {{ $person->email }}@if ($person->hasSecondFactor()), with a second factor @endif</span>
        <form method="post" action="/workbench/people/{{ $person->id }}/role">@csrf<label><span class="hidden-words">Role of {{ $person->name }}</span><select class="entry" name="role">@foreach (App\Models\Role::cases() as $role)<option value="{{ $role->value }}" @selected($role === $person->role)>{{ $role->value }}</option>@endforeach</select></label><button class="act">Change the role<span class="hidden-words"> of {{ $person->name }}</span></button></form>
        <form method="post" action="/workbench/people/{{ $person->id }}/sign-out">@csrf<button class="act">Sign out everywhere<span class="hidden-words">: {{ $person->name }}</span></button></form>
        <form method="post" action="/workbench/people/{{ $person->id }}/remove">@csrf<button class="act">Take out<span class="hidden-words">: {{ $person->name }}</span></button></form></li>
      @endforeach
    </ul>
  </section>
  <section aria-labelledby="invite"><h2 id="invite">Ask somebody in</h2>
    <form method="post" action="/workbench/people" class="grid gap-3">
      @csrf
      <label class="line-field">E-mail<input class="entry" name="email" type="email" autocomplete="off" maxlength="190" value="{{ $email }}" required></label>
      <label class="line-field">Name<input class="entry" name="name" autocomplete="off" maxlength="120"></label>
      <label class="line-field">Role<select class="entry" name="role"><option value="viewer">viewer: looks</option><option value="designer" selected>designer: edits</option><option value="owner">owner: edits, publishes, asks people in</option></select></label>
      <button class="publish justify-self-start">Send the invitation</button>
    </form>
    @if ($invitations->isNotEmpty())
    <ul class="people" aria-label="Invitations on their way">
      @foreach ($invitations as $invitation)<li><span>{{ $invitation->email }}, as {{ $invitation->role }}</span> <span>holds until {{ $invitation->expires_at->format('M j, g:i A') }} UTC</span><form method="post" action="/workbench/people/invitations/{{ $invitation->id }}/withdraw">@csrf<button class="act">Withdraw<span class="hidden-words"> the invitation of {{ $invitation->email }}</span></button></form></li>@endforeach
    </ul>
    @endif
  </section>
  <section><h2 id="trail">What was done</h2>
    @if ($entries->isEmpty())<p>Nothing to tell yet.</p>@else
    <div class="trail" tabindex="0" role="region" aria-labelledby="trail"><table>
      <thead><tr><th scope="col">When (UTC)</th><th scope="col">Who</th><th scope="col">What</th><th scope="col">From</th></tr></thead>
      <tbody>@foreach ($entries as $entry)<tr><td>{{ $entry->created_at->format('Y-m-d H:i') }}</td><td>{{ $entry->who }}</td><td>{{ $entry->what }}{{ $entry->detail === '' ? '' : ": $entry->detail" }}</td><td>{{ $entry->ip_address }}</td></tr>@endforeach</tbody>
    </table></div>
    @if ($entries->count() === 40)<p><a class="act" href="/workbench/people?before={{ $entries->last()->id }}#trail">Earlier</a></p>@endif
    @endif
  </section>
</x-plain>
