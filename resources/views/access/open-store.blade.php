@php($country = $given['country'] ?? 'US')
@php($zone = $given['zone'] ?? 'America/New_York')
<x-plain title="Open a store">
  <p>An empty store with a locked storefront: nobody sees it before you open it. Everything here can be changed later.</p>
  @if ($problem)<x-notice role="alert">{{ $problem }}</x-notice>@endif
  <form method="post" action="/workbench/open" class="grid max-w-[380px] gap-3">
    @csrf
    <x-line-field label="Name of the store"><input class="entry" name="store" maxlength="120" value="{{ $given['store'] ?? '' }}" required autofocus></x-line-field>
    <x-line-field label="Country"><select class="entry" name="country">@foreach (App\Storeroom\OpenStore::countries() as $code => $name)<option value="{{ $code }}"
      @selected($code === $country)>{{ $name }}</option>@endforeach</select></x-line-field>
    <x-line-field label="Time zone"><select class="entry"
      name="zone">@foreach (DateTimeZone::listIdentifiers() as $name)<option @selected($name === $zone)>{{ $name }}</option>@endforeach</select></x-line-field>
    <x-line-field label="Your name"><input class="entry" name="person" autocomplete="name" maxlength="120" value="{{ $given['person'] ?? '' }}" required></x-line-field>
    <x-line-field label="E-mail"><input class="entry" name="email" type="email" autocomplete="username" maxlength="190" value="{{ $given['email'] ?? '' }}" required></x-line-field>
    @include('access.new-password')
    <button class="publish justify-self-start">Open the store</button>
  </form>
  <p><a class="act" href="/workbench/sign-in">I have a store already</a></p>
</x-plain>
