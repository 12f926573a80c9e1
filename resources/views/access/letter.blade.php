<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $subject }}</title></head>
<body>
<p>{{ $words }}</p>
<p><a href="{{ $address }}">{{ $address }}</a></p>
<p>The address holds for {{ $hours === 1 ? 'an hour' : "$hours hours" }}, and once.</p>
</body>
</html>
