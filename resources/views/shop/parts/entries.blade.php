{{-- Entries of a menu with those below them, which either open beside them or stand under them. --}}
@foreach ($entries as $entry)<li><a href="{{ $shop->address($entry->target) }}">{{ $shop->say($entry->label) }}@if ($entry->mark !== '') <span
  class="label label-own">{{ $shop->say($entry->mark) }}</span>@endif</a>
@php($below = $entry->below)
@if ($below !== [] && $opens)<details class="below" name="menu-below"><summary aria-label="{{ $shop->say('More of :name', ['name' => $shop->say($entry->label)]) }}"><x-icon
  name="chevron-down"/></summary>
<ul>@include('shop.parts.entries', ['entries' => $below, 'opens' => false])</ul></details>
@elseif ($below !== [])<ul>@include('shop.parts.entries', ['entries' => $below])</ul>@endif</li>@endforeach
