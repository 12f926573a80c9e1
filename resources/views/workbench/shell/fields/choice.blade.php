<label for="{{ $id }}">{{ $label }}</label>
<select class="entry" id="{{ $id }}" name="value">@foreach ($bench->choicesOf($setting, (string) $value) as $key => $words)<option value="{{ $key }}"
  @selected((string) $key === $value)>{{ $words }}</option>@endforeach</select>
