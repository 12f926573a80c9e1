@use('Ikat\Core\Look\ColorInventory')
@php($scheme = $theme->schemes[$panel->scheme])
@if (! $panel->hasDark())
<p>Visitors whose device asks for dark surroundings see the shop as everybody does. With a second set of colors, derived by rule from these, they see a dark shop:
  backgrounds are turned over, texts are
  moved until they hold, buttons and labels keep their color. It is checked like the first set, and every color can be changed.</p>
@if ($edits)<p class="py-1.5"><x-edit look="publish" :$bench :path="ColorInventory::DARK" value="on" :with="['open_part' => 'dark']">Make colors for dark surroundings</x-edit></p>@endif
@else
<p class="py-0.75 text-ink-2">The window shows the shop as a device that asks for dark shows it. What you change here changes only that.</p>
@include('workbench.colors.schemes')
@php($mine = array_values(array_filter(array_keys($bench->look->ownChanges()->own), fn ($path) => str_starts_with($path, "dark.$panel->scheme."))))
<x-subheading :title="$scheme.' in the dark'" :note="$mine === [] ? 'as the rule makes it' : count($mine).(count($mine) === 1 ? ' color is' : ' colors are').' yours'"/>
@include('workbench.colors.living-sample')
<x-subheading id="t-picker" :title="$bench->setting($panel->selected)->label" :note="$bench->isOwn($panel->selected) ? 'your own' : 'made by the rule'"/>
@include('workbench.colors.picker')
<x-subheading id="gradient" tabindex="-1" :title="'Background of '.$scheme.' in the dark'" note="plain, or running from color to color"/>
@include('workbench.colors.gradient')
@if ($edits)
<div class="flex flex-wrap items-baseline gap-x-3.5 gap-y-0.5 pt-1">
  @if ($mine !== [])<x-edit :$bench :changes="array_fill_keys($mine, null)">{{ $scheme }}: back to the rule</x-edit>@endif
  <x-edit :$bench :path="ColorInventory::DARK" value="off">No colors of their own in dark surroundings</x-edit>
</div>
@endif
@include('workbench.colors.findings')
@endif
