@php($stops = $bench->told()['stop'])
@php([$kept, $live] = $panel->kept())
<div class="bar-end flex items-center gap-3.5" id="bar-end" @isset($oob) hx-swap-oob="morph" @endisset>
  <p class="kept text-right text-mini max-[1199px]:hidden *:block"><b>{{ $kept }}</b>
    <span class="text-ink-2">{{ $live }}</span></p>
  <button type="button" class="inline-flex min-h-7 cursor-pointer items-center" data-press="library" data-library="" aria-label="Pictures of the store"><x-icon name="image"/></button>
  @if ($bench->edits())
  <a class="publish" href="{{ $bench->address('publish') }}" hx-get="{{ $bench->address('publish') }}">{{ $bench->user->role->publishes() ? 'Review and publish' : 'Review' }}
    @if ($stops > 0)<x-diamond severity="stop" class="text-white!"/> <b>{{ $stops }}</b>@endif</a>
  @else
  <span class="text-ink-2">You are looking</span> <a class="act" href="{{ $bench->address('publish') }}" hx-get="{{ $bench->address('publish') }}">What is not live</a>
  @endif
  <details class="who relative">
    <summary class="flex min-h-7 list-none items-center" aria-label="{{ $bench->user->name }}, {{ $bench->user->role->value }}"><span
      class="inline-grid size-5.5 place-items-center bg-ink-1 font-semibold text-white">{{ mb_substr($bench->user->name, 0, 1) }}</span></summary>
    <form method="post" action="/workbench/sign-out" class="absolute top-8 right-0 z-25 grid min-w-[220px] gap-1 border border-edge bg-surface px-3 py-2">
      @csrf
      <p>{{ $bench->user->name }}, {{ $bench->user->role->value }}</p>
      <p><a class="act" href="/workbench/account">Password, second factor, sessions</a></p>
      @if ($bench->user->role->tendsPeople())<p><a class="act" href="/workbench/people">People, and what was done</a></p>@endif
      <p><button type="button" class="act" data-press="keys">All keys</button></p>
      <button class="act">Sign out</button>
    </form>
  </details>
</div>
