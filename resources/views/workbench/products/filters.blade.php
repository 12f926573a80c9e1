@use('App\Storefront\CategoryFilters')
@use('Ikat\Core\Grid\ShelfLook')
{{-- Where the shelf can be asked for less, what that costs, and what there is to ask for. --}}
@php($here = $look->text('grid.filters'))
@php($places = $drawn->filterPlaces())
@php($filters = CategoryFilters::of($bench->shop()))
@php($groups = $drawn->groups())
<x-tool id="t-filters" title="Asked for less" :note="'in '.$panel->stock->shelves[$drawn->slug]['name']">
  <ul class="fills-row grid grid-cols-[repeat(auto-fit,minmax(86px,1fr))] gap-2 text-[12px]">
    @foreach (ShelfLook::FILTERS as $place => $words)
    <li @class(['grid content-start gap-1 border-t-2 p-1', 'border-blue bg-blue-wash' => $place === $here, 'border-transparent' => $place !== $here])>
      <svg viewBox="0 0 96 46" aria-hidden="true">@if ($place === 'above')@foreach ([0, 20, 40, 60] as $x)<rect class="tile" x="{{ $x }}" width="17" height="6"/>@endforeach
        @elseif ($place === 'folded')<rect class="tile" width="17" height="6"/>@elseif ($place === 'side')@foreach ([9, 17, 25, 33] as $y)<rect class="tile" y="{{ $y }}" width="17"
          height="5"/>@endforeach @endif
        @php($left = $place === 'side' ? 22 : 0)
        @foreach ([9, 28] as $y)@for ($i = 0; $i < 4; $i++)<rect x="{{ $left + $i * (98 - $left) / 4 }}" y="{{ $place === 'none' ? $y - 9 : $y }}" width="{{ (98 - $left) / 4 - 2 }}"
          height="17"/>@endfor @endforeach</svg>
      @if ($edits && $place !== $here)<x-edit class="justify-self-start text-left" :$bench :changes="['grid.filters' => $place]"
        :tries="true">{{ ucfirst($words) }}</x-edit>@else<b>{{ ucfirst($words) }}</b>@endif
      <span class="text-ink-2">begins at {{ round($places[$place]['begins']) }} px on a phone; card {{ round($places[$place]['card']) }} px on a desktop</span>
    </li>
    @endforeach
  </ul>
  @if ($here !== 'none')
  <table class="every-shelf text-[12px]"><tbody>
    @foreach ($groups as $group)
    <tr><th scope="row">{{ $filters->name($group) ?: $filters->words($group, $group->options[0]) }}</th><td class="text-left!">@if ($filters->name($group) === ''){{ $group->options[0]->count }}@else
      {{ implode(', ', array_map(fn ($option) => $filters->words($group, $option).($option->count === null ? '' : " ($option->count)"), $group->options)) }}@endif</td></tr>
    @endforeach
  </tbody></table>
  <p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]">@foreach (['grid.filters.price' => 'by price', 'grid.filters.facts' => 'by facts'] as $path => $words)
    @php($isOn = $look->value($path) === true)
    @if ($edits)<x-edit :$bench :changes="[$path => ! $isOn]" :tries="true">{{ $isOn ? 'Ask no longer' : 'Ask' }} {{ $words }}</x-edit>@else<span>{{ $isOn ? 'Asked' : 'Not asked' }}
      {{ $words }}</span>@endif @endforeach
    <span class="text-ink-2">Facts are offered that are said of many products, and differ.</span></p>
  @endif
</x-tool>
