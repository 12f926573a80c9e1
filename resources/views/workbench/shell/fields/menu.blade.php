@use('Ikat\Core\Setting\Type\MenuType')
@php($menus = [...($setting->type->isOptional ? [MenuType::NONE => 'none'] : []), ...$bench->store->menus()])
<label for="{{ $id }}">{{ $label }}</label>
<select class="entry" id="{{ $id }}" name="value">@if (! isset($menus[$value]))<option value="{{ $value }}" selected>{{ $value }}, which is no longer there</option>@endif
@foreach ($menus as $key => $name)<option value="{{ $key }}" @selected($key === $value)>{{ $name }}</option>@endforeach</select>
