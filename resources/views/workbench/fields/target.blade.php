<label for="{{ $id }}">{{ $setting->label }}</label>
@if ($setting->of === 'web')
<input class="entry" type="url" id="{{ $id }}" name="value" value="{{ $value }}" maxlength="{{ (int) $setting->max }}" placeholder="https://" @disabled(! $edits)>
@else
@php($targets = $bench->store->targets())
<select class="entry" id="{{ $id }}" name="value" @disabled(! $edits)><option value="">nowhere</option>
@if ($value !== '' && ! $bench->input()->store->has($value))<option value="{{ $value }}" selected>{{ $value }}, which is not in the shop</option>@endif
@foreach ($targets as $group => $addresses)<optgroup label="{{ $group }}">@foreach ($addresses as $address => $title)<option value="{{ $address }}" @selected($address === $value)>{{ $title }}</option>@endforeach</optgroup>@endforeach</select>
@endif
