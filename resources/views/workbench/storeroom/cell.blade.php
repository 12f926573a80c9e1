@use('Ikat\Core\Store\Margin')
@if ($column->key === 'pictures')
@php($main = isset($row['pictures'][0]) ? $bench->picture($panel->names->nameOf('picture', $row['pictures'][0])) : null)
<span class="flex items-center gap-1">@if ($main !== null)<img src="{{ $main->smallest() }}" alt="" width="28" height="20" loading="lazy" class="h-5 w-7 object-cover">
  @elseif ($kind->key === 'goods')<x-diamond severity="fix"/>@endif @if ($kind->key === 'goods')<span
  @class(['text-ink-2' => $main !== null, 'font-semibold' => $main === null])>{{ count($row['pictures']) }}</span>@endif</span>
@elseif ($column->key === 'margin')
@if ($row['margin'] !== null)
@php($share = max(0, min(100, $row['margin'])))
<span class="flex items-center gap-1.5"><svg width="40" height="12" viewBox="0 0 40 12" aria-hidden="true" class="flex-none"><rect class="margin-cost" width="{{ 40 - $share * .4 }}" height="12"/><rect
  class="margin-left" x="{{ 40 - $share * .4 }}" width="{{ $share * .4 }}" height="12"/></svg>@if ($row['margin'] < 0)<x-diamond severity="fix"/>@endif<span
    class="ml-auto">{{ str_replace('-', '−', (string) $row['margin']) }}%</span></span>
@endif
@elseif ($column->type->field() === 'rich'){{ mb_strimwidth($panel->plain($column, $row), 0, 200, '…') }}
@elseif (($row['level'] ?? 1) > 1 && $column->key === 'label')<span class="{{ $row['level'] === 2 ? 'pl-4' : 'pl-8' }}">{{ $written }}</span>
@else{{ $written }}@endif
