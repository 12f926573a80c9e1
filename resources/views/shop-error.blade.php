<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $words[0] }}</title>
<link rel="stylesheet" href="/build/plain.css">
</head>
<body>
<main><h1>{{ $words[0] }}</h1><p>{{ $words[1] }}</p></main>
</body>
</html>
