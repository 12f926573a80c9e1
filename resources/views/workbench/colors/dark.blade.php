@if (! $panel->hasDark())
<p>Visitors whose device asks for dark surroundings see the shop as everybody does. With a second set of colors, derived by rule from these, they see a dark shop: grounds are turned over, inks are moved until they hold, buttons and labels keep their color. It is checked like the first set, and every color can be changed.</p>
@if ($edits)<p class="go"><button type="button" class="publish" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => Ikat\Core\Look\ColorInventory::DARK, 'value' => 'on', 'open_part' => 'dark']) }}">Make colors for dark surroundings</button></p>@endif
@else
<p class="logo-note">The window shows the shop as a device that asks for dark shows it. What you change here changes only that.</p>
@include('workbench.colors.schemes')
@php($mine = array_filter(array_keys($bench->look->ownChanges()->own), fn ($path) => str_starts_with($path, "dark.$panel->scheme.")))
<h3>{{ $theme->schemes[$panel->scheme] }} in the dark <small>{{ $mine === [] ? 'as the rule makes it' : count($mine).(count($mine) === 1 ? ' color is' : ' colors are').' yours' }}</small></h3>
@include('workbench.colors.living-sample')
<h3 id="t-picker">{{ $bench->setting($panel->selected)->label }} <small>{{ $bench->isOwn($panel->selected) ? 'your own' : 'made by the rule' }}</small></h3>
@include('workbench.colors.picker')
<h3 id="gradient" tabindex="-1">Ground of {{ $theme->schemes[$panel->scheme] }} in the dark <small>plain, or running from color to color</small></h3>
@include('workbench.colors.gradient')
@if ($edits)
<div class="scheme-tools">
  @if ($mine !== [])<button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode(array_fill_keys(array_values($mine), null))]) }}">{{ $theme->schemes[$panel->scheme] }}: back to the rule</button>@endif
  <button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => Ikat\Core\Look\ColorInventory::DARK, 'value' => 'off']) }}">No colors of their own in dark surroundings</button>
</div>
@endif
@include('workbench.colors.findings')
@endif
