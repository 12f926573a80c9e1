@use('Ikat\Core\Setting\Catalog\Parts')
@use('Ikat\Core\Setting\Type\ItemsType')
@php($look = $bench->inspection()->look)
@php($edits = $bench->edits())
@php($tab = $panel->tab)
@php($open = $panel->part)
@php($step = $bench->address($bench->step->key()))
<x-heading :title="$bench->step->label()"/>
@if (count($panel->parts()) > 1)
<x-tabs label="Parts" :tabs="array_map(fn ($part) => [$step.'?open_part='.urlencode($part), Parts::label($part), $part === $tab], $panel->parts())"/>
@endif
@isset($drawing)@include($drawing)@endisset
<x-tool id="p-tab" :title="Parts::label($tab)">
  @foreach ($panel->settingsOf($tab) as $setting)
  @if ($setting->type instanceof ItemsType)@include('workbench.shell.items', ['list' => $setting])@else
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @endif
  @endforeach
</x-tool>
@if ($open !== $tab)
<x-tool id="p-item" :title="Parts::label($open)" :isItem="true">
  @foreach ($panel->settingsOf($open) as $setting)
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @endforeach
</x-tool>
@endif
@include('workbench.shell.original')
