<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $status }} - Ikat</title>
<link rel="stylesheet" href="/build/workbench.css">
</head>
<body class="plain-page grid min-h-screen place-items-center bg-paper font-text text-[15px]/5.5 text-ink-1">
<main class="grid w-[min(380px,92vw)] gap-3.5">
  <h1 class="font-title text-2xl/7.5 font-semibold">{{ $status === 404 ? 'Nothing here' : 'That did not work' }}</h1>
  <p>{{ $words }}</p>
  <p><a class="act" href="/workbench">To the workbench</a></p>
</main>
</body>
</html>
