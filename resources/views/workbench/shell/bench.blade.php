<form id="state" data-address="{{ $panel->placeAddress() }}" data-parts="{{ json_encode($bench->partNames(), JSON_UNESCAPED_UNICODE) }}" @if ($panel->shows() !== null)
  data-shows="{{ $panel->shows()->toJson() }}" @endif>
  <input type="hidden" name="seen" value="{{ $bench->look->head }}">
  <input type="hidden" name="store_seen" value="{{ $bench->look->storefront->store->head }}">
  <input type="hidden" name="step" value="{{ $bench->step->key() }}">
  @foreach ($panel->state() as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
</form>
@php($missing = $bench->snapshot->missing())
@if ($missing !== null)<x-notice class="mb-3" role="note"><x-diamond severity="stop"/> {{ $missing }} <a href="{{ $bench->address('start') }}">To Start</a></x-notice>@endif
@include($panel->view())
