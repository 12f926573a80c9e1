@use('Ikat\Core\Setting\Type\TargetType')
<label for="{{ $id }}">{{ $label }}</label>
@if ($setting->type->isWeb)
<input class="entry" type="text" inputmode="url" id="{{ $id }}" name="value" value="{{ $value }}" data-most="{{ TargetType::MOST }}" placeholder="https://" autocomplete="off" spellcheck="false">
@else
@php($targets = $bench->store->targets())
@php($isOffered = $value === '' || array_filter($targets, fn ($group) => isset($group[$value])) !== [])
<select class="entry" id="{{ $id }}" name="value"><option value="">nowhere</option>
@if (! $isOffered)<option value="{{ $value }}" selected>{{ $bench->store->titleOf($value) ?? "$value, which is not in the shop" }}</option>@endif
@foreach ($targets as $group => $addresses)
<optgroup label="{{ $group }}">@foreach ($addresses as $address => $title)<option value="{{ $address }}" @selected($address === $value)>{{ $title }}</option>@endforeach</optgroup>
@endforeach</select>
@endif
