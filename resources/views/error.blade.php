<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $status }} - Ikat</title>
<link rel="stylesheet" href="/build/workbench.css">
</head>
<body class="plain-page">
<main>
  <h1>{{ $status === 404 ? 'Nothing here' : 'That did not work' }}</h1>
  <p>{{ $words }}</p>
  <p><a class="act" href="/workbench">To the workbench</a></p>
</main>
</body>
</html>
