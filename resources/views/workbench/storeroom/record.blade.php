{{-- All of the open record. --}}
@includeFirst(["workbench.storeroom.{$kind->key}", 'workbench.storeroom.any'])
@if ($panel->record()->pointers() !== [])
<x-tool id="t-where" title="What leads to it">
  <ul class="grid gap-0.5">@foreach ($panel->record()->pointers() as [$label, $address])<li><a class="act font-normal" href="{{ $address }}" data-open>{{ $label }}</a></li>@endforeach</ul>
</x-tool>
@endif
@if ($edits && $kind->isMade)
<div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-thread py-2">
  @if ($kind->place !== '')
  <form hx-post="{{ $bench->address('storeroom/move') }}"><input type="hidden" name="record" value="{{ $id }}"><input type="hidden" name="by" value="-1"><button
    class="act">Earlier in the order</button></form>
  <form hx-post="{{ $bench->address('storeroom/move') }}"><input type="hidden" name="record" value="{{ $id }}"><input type="hidden" name="by" value="1"><button class="act">Later</button></form>
  @endif
  <form class="ml-auto" hx-post="{{ $bench->address('storeroom/delete') }}"><input type="hidden" name="ids" value="{{ $id }}"><button
    class="act">{{ $kind->key === 'addresses' ? 'Forget this address for good' :
    'Delete this '.$kind->one }}</button></form>
</div>
@endif
