@props(['title', 'wide' => false, 'script' => null])
<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }} - Ikat</title>
<link rel="icon" href="/build/ikat-icon.svg" type="image/svg+xml">
<link rel="stylesheet" href="/build/workbench.css">
@if ($script)<script type="module" src="/build/{{ $script }}.js"></script>@endif
</head>
<body @class(['plain-page', 'access' => $wide])>
<main>
  <p class="brand"><img src="/build/ikat-icon.svg" alt="" width="26" height="26"> Ikat</p>
  <h1>{{ $title }}</h1>
  {{ $slot }}
</main>
</body>
</html>
