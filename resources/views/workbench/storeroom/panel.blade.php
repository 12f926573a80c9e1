@php($kind = $panel->kind)
@php($row = $panel->open())
@php($edits = $bench->edits())
@php($id = $panel->openId())
<div class="contents" data-record-place data-target="#bench">
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
@include('workbench.storeroom.record')
@endif
@include('workbench.storeroom.new')
</div>
