{{-- In which order, and what of it: all in sight, or behind a button that a phone has even where the side has room. --}}
@if ($isApart)<input type="checkbox" class="hidden-words filters-open" id="filters-open">@endif
<form class="sorting{{ $place === 'side' ? ' filters-side' : '' }}" method="get" id="shelf-form">
  <div class="field"><label for="sort">{{ $shop->say('Order') }}</label><select class="input" id="sort" name="sort" data-from="grid.sort">@foreach ($sorts as $key => $words)<option
    value="{{ $key }}"
    @selected($key === $sort)>{{ $shop->say($words) }}</option>@endforeach</select></div>
  @if ($place === 'above')@include('shop.parts.filters')@endif
  @if ($isApart)<label class="quiet-button filters-label" for="filters-open" data-from="grid.filters">{{ $shop->say('Filter') }}</label>@endif
  <button class="quiet-button">{{ $shop->say('Show') }}</button>
  <p class="soft">{{ $shop->say($products->total() === 1 ? ':count product' : ':count products', ['count' => $products->total()]) }}</p>
</form>
@php($chosen = array_filter($groups, fn ($group) => $group->chosen() !== []))
@if ($chosen !== [])
<ul class="chosen-filters" aria-label="{{ $shop->say('Asked for') }}">@foreach ($chosen as $group)@foreach ($group->chosen() as $option)<li><a class="quiet-button"
  href="?{{ http_build_query($question->with($question->filters->turned($group->kind, $group->name, $option->value))->query()) }}">{{ $filters->words($group, $option) }} <span
    aria-hidden="true">×</span><span class="hidden-words"> {{ $shop->say('Remove') }}</span></a></li>@endforeach @endforeach</ul>
@endif
