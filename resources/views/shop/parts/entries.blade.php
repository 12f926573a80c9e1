{{-- Entries of a menu with those below them, which either open beside them or stand under them. --}}
@foreach ($entries as $entry)<li><a href="{{ $shop->address($entry->target) }}"><span
  data-record="entries {{ $entry->id }}">{{ $shop->say($entry->label) }}</span>@if ($entry->mark !== '') <span
  class="label label-own">{{ $shop->say($entry->mark) }}</span>@endif</a>
@php($below = $entry->below)
@if ($below !== [] && $opens)<details class="below" name="menu-below"><summary aria-label="{{ $shop->say('More of :name', ['name' => $shop->say($entry->label)]) }}"><x-icon
  name="chevron-down"/></summary>
<ul>@include('shop.parts.entries', ['entries' => $below, 'opens' => false])
@if ($entry->picture)<li class="below-picture"><a href="{{ $shop->address($entry->target) }}" tabindex="-1" aria-hidden="true"><x-shop::picture :shop="$shop"
  :picture="App\Pictures\ShopPicture::of($entry->picture)"
  alt="" sizes="280px"/></a></li>@endif</ul></details>
@elseif ($below !== [])<ul>@include('shop.parts.entries', ['entries' => $below])</ul>@endif</li>@endforeach
