@php($kind = $panel->kind)
@php($row = $panel->open())
@php($edits = $bench->edits())
@php($id = $panel->openId())
@if ($row === null)
<x-heading :title="ucfirst($kind->many)"/>
<p class="text-ink-2">Pick a row: all of it stands here, and the shop window goes where it shows.</p>
@else
@php([$before, $after] = $panel->neighbors())
<div class="flex items-baseline gap-2.5"><x-heading :title="$panel->called($row)"/>
  <span class="ml-auto flex flex-none gap-1">@foreach ([[$before, 'arrow-up', 'The row before'], [$after, 'arrow-down', 'The next row']] as [$to, $icon, $words])@if ($to > 0)<a
    class="inline-grid size-7 place-items-center border border-edge" href="{{ $panel->addressAt($panel->asked, $to) }}" hx-get="{{ $panel->addressAt($panel->asked, $to) }}"
      aria-label="{{ $words }}"><x-icon
    :name="$icon"/></a>@endif @endforeach</span></div>
@includeFirst(["workbench.storeroom.{$kind->key}", 'workbench.storeroom.any'])
@if ($panel->pointers() !== [])
<x-tool id="t-where" title="Where the look leads to it">
  <ul class="grid gap-0.5">@foreach ($panel->pointers() as [$label, $address])<li><a class="act font-normal" href="{{ $address }}" data-open>{{ $label }}</a></li>@endforeach</ul>
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
@endif
@if ($edits && $kind->isMade && ! $kind->isUploaded)
<x-tool id="storeroom-new" :title="'New '.$kind->one" :isTarget="true">
  <form class="grid gap-1" id="form-new" hx-post="{{ $bench->address('storeroom/new') }}" hx-trigger="submit">
    @foreach ($kind->asked() as $column)
    <div class="grid gap-0.5" data-new-field="{{ $column->key }}">@include('workbench.storeroom.field', ['row' => null, 'new' => true])</div>
    @endforeach
    <p class="flex items-center gap-3 py-1"><button class="publish">Make it</button> <span class="text-ink-2">It shows in the shop at once.</span></p>
  </form>
</x-tool>
@endif
