@include('workbench.storeroom.any')
@if ($bench->user->role->tendsPeople())
<p class="pt-1"><a class="act" href="/workbench/people">People: asked by a link, their roles, signed out everywhere</a></p>
@endif
