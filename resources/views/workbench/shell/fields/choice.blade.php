<label for="{{ $id }}">{{ $label }}</label>
<select class="entry" id="{{ $id }}" name="value">@foreach ($setting->type->choices as $key => $words)<option value="{{ $key }}"
  @selected((string) $key === $value)>{{ $words }}</option>@endforeach</select>
