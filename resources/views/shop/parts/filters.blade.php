{{-- What a shelf can be asked for, each with how many it would show; what has a name stands under it, over the shelf behind it. --}}
@foreach ($groups as $group)
@php($name = $filters->name($group))
@php($isList = $name !== '')
@if ($isList && $place === 'above')<details class="filter" data-from="grid.filters grid.filters.{{ $group->kind === 'price' ? 'price' : 'facts' }}"><summary
  class="quiet-button">{{ $name }}</summary><ul class="filter-list">@elseif ($isList)<fieldset class="filter-group" data-from="grid.filters grid.filters.{{ $group->kind === 'price' ? 'price'
  : 'facts' }}"><legend class="field-label">{{ $name }}</legend><ul class="filter-list">@endif
@foreach ($group->options as $option)
@if ($isList)<li>@endif<label class="check"><input type="checkbox" name="{{ App\Storefront\CategoryFilters::field($group) }}" value="{{ $option->value }}" form="shelf-form"
  @checked($option->isChosen)>
  <span>{{ $filters->words($group, $option) }}@if ($option->count !== null) <span class="soft">({{ $option->count }})</span>@endif</span></label>@if ($isList)</li>@endif
@endforeach
@if ($isList)</ul>{!! $place === 'above' ? '</details>' : '</fieldset>' !!}@endif
@endforeach
