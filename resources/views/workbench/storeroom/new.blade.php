@if ($edits && $kind->isMade && ! $kind->isUploaded)
<x-tool id="storeroom-new" :title="'New '.$kind->one" :isTarget="true">
  <form class="grid gap-1" id="form-new" data-new-of="{{ $kind->key }}" hx-post="{{ $bench->address('storeroom/new') }}" hx-trigger="submit">
    @foreach ($kind->asked() as $column)
    <div class="grid gap-0.5" data-new-field="{{ $column->key }}">@include('workbench.storeroom.field', ['row' => null, 'new' => true])</div>
    @endforeach
    <p class="flex items-center gap-3 py-1"><button class="publish">Make it</button> <span class="text-ink-2">It shows in the shop at once.</span></p>
  </form>
</x-tool>
@endif
