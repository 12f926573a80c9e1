@php($stops = $bench->counts()['stop'])
@php($open = $bench->unpublished())
<div class="bar-end" id="bar-end" @isset($oob) hx-swap-oob="morph" @endisset>
  <p class="kept"><b>{{ $bench->look->head === 0 ? 'Nothing changed yet' : 'Kept '.$bench->localTime($bench->look->updated_at)->format('g:i A') }}</b><span>{{ $open === 0 ? 'all of it live' : ($open === 1 ? '1 change not live' : "$open changes not live") }}</span></p>
  <button type="button" class="plain" data-press="library" data-library="" aria-label="Pictures of the store"><x-icon name="image"/></button>
  <a class="publish" href="{{ $bench->address('publish') }}" hx-get="{{ $bench->address('publish') }}" hx-push-url="true">{{ $bench->user->role->publishes() ? 'Review and publish' : 'Review' }} @if ($stops > 0)<x-diamond severity="stop"/> <b>{{ $stops }}</b>@endif</a>
  <details class="pick who">
    <summary aria-label="{{ $bench->user->name }}, {{ $bench->user->role->value }}"><span class="initial">{{ mb_substr($bench->user->name, 0, 1) }}</span></summary>
    <form method="post" action="/workbench/sign-out">@csrf<p>{{ $bench->user->name }}, {{ $bench->user->role->value }}</p><p><a class="act" href="/workbench/account">Password, second factor, sessions</a></p>@if ($bench->user->role->tendsPeople())<p><a class="act" href="/workbench/people">People, and what was done</a></p>@endif<button class="act">Sign out</button></form>
  </details>
</div>
