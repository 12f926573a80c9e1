<x-plain title="People of the store" :wide="true">
  <p class="flex flex-wrap gap-5"><a class="act" href="/workbench">Back to the workbench</a> <a class="act" href="/workbench/account">Your way in</a></p>
  @if ($problem)<x-notice role="alert">{{ $problem }}</x-notice>@endif
  <section class="grid gap-2.5" aria-labelledby="people"><h2 class="font-title text-[17px]/6 font-semibold" id="people">Who works here</h2>
    <ul class="people grid gap-2 *:flex *:flex-wrap *:items-center *:gap-x-4 *:gap-y-1.5 *:border-b *:border-edge *:py-2">
      @foreach ($people as $person)
      <li><span class="flex-[1_1_260px]"><b>{{ $person->name }}</b> {{ $person->email }}@if ($person->hasSecondFactor()), with a second factor @endif</span>
        <form method="post" action="/workbench/people/{{ $person->id }}/role" class="flex items-center gap-2">@csrf<label><span class="sr-only">Role of {{ $person->name }}</span><select
          class="entry" name="role">@foreach (App\Models\Role::cases() as $role)<option value="{{ $role->value }}"
          @selected($role === $person->role)>{{ $role->value }}</option>@endforeach</select></label><button class="act">Change the role<span
          class="sr-only"> of {{ $person->name }}</span></button></form>
        <form method="post" action="/workbench/people/{{ $person->id }}/sign-out">@csrf<button class="act">Sign out everywhere<span class="sr-only">: {{ $person->name }}</span></button></form>
        <form method="post" action="/workbench/people/{{ $person->id }}/remove">@csrf<button class="act">Take out<span class="sr-only">: {{ $person->name }}</span></button></form></li>
      @endforeach
    </ul>
  </section>
  <section class="grid gap-2.5" aria-labelledby="invite"><h2 class="font-title text-[17px]/6 font-semibold" id="invite">Ask somebody in</h2>
    <form method="post" action="/workbench/people" class="grid max-w-[380px] gap-3">
      @csrf
      <x-line-field label="E-mail"><input class="entry" name="email" type="email" autocomplete="off" maxlength="190" value="{{ $email }}" required></x-line-field>
      <x-line-field label="Name"><input class="entry" name="name" autocomplete="off" maxlength="120"></x-line-field>
      <x-line-field label="Role"><select class="entry" name="role"><option value="viewer">viewer: looks</option><option value="designer" selected>designer: edits</option><option
        value="owner">owner: edits, publishes, asks people in</option></select></x-line-field>
      <button class="publish justify-self-start">Send the invitation</button>
    </form>
    @if ($invitations->isNotEmpty())
    <ul class="people grid gap-2 *:flex *:flex-wrap *:items-center *:gap-x-4 *:gap-y-1.5 *:border-b *:border-edge *:py-2" aria-label="Invitations on their way">
      @foreach ($invitations as $invitation)
      <li><span class="flex-[1_1_260px]">{{ $invitation->email }}, as {{ $invitation->role }}</span>
        <span>holds until {{ $invitation->expires_at->format('M j, g:i A') }} UTC</span>
        <form method="post" action="/workbench/people/invitations/{{ $invitation->id }}/withdraw">@csrf
          <button class="act">Withdraw<span class="sr-only"> the invitation of {{ $invitation->email }}</span></button></form></li>
      @endforeach
    </ul>
    @endif
  </section>
  <section class="grid gap-2.5"><h2 class="font-title text-[17px]/6 font-semibold" id="trail">What was done</h2>
    @if ($entries->isEmpty())<p>Nothing to tell yet.</p>@else
    <div class="trail overflow-x-auto" tabindex="0" role="region" aria-labelledby="trail"><table
      class="w-full border-collapse text-[13px] tabular-nums **:[td,th]:border-b **:[td,th]:border-edge **:[td,th]:py-1 **:[td,th]:pr-3 **:[td,th]:text-left **:[td,th]:align-top">
      <thead><tr><th scope="col">When (UTC)</th><th scope="col">Who</th><th scope="col">What</th><th scope="col">From</th></tr></thead>
      <tbody>
        @foreach ($entries as $entry)
        <tr><td>{{ $entry->created_at->format('Y-m-d H:i') }}</td><td>{{ $entry->who }}</td><td>{{ $entry->what }}{{ $entry->detail === '' ? '' : ": $entry->detail" }}</td>
          <td>{{ $entry->ip_address }}</td></tr>
        @endforeach
      </tbody>
    </table></div>
    @if ($entries->count() === 40)<p><a class="act" href="/workbench/people?before={{ $entries->last()->id }}#trail">Earlier</a></p>@endif
    @endif
  </section>
</x-plain>
