@foreach ($names as $value => $words)<option value="{{ $value }}">{{ $words === $value ? '' : $words }}</option>@endforeach
