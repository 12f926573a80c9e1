@if ($nowhere)<option value="">{{ $nowhere }}</option>@endif
@foreach ($groups as $group => $offered)
<optgroup label="{{ $group }}">@foreach ($offered as $value => $title)<option value="{{ $value }}">{{ $title }}</option>@endforeach</optgroup>
@endforeach
@if ($groups === [])<option value="" disabled>Nothing here is called “{{ $asked }}”</option>@endif
