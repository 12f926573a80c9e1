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
<body @class(['plain-page grid min-h-screen bg-paper font-text text-[15px]/5.5 text-ink-1', 'items-start justify-items-center py-8' => $wide, 'place-items-center' => ! $wide])>
<main @class(['grid', 'w-[min(760px,92vw)] gap-5.5' => $wide, 'w-[min(380px,92vw)] gap-3.5' => ! $wide])>
  <p class="flex items-center gap-1.75 font-title text-[19px]/none font-semibold"><img src="/build/ikat-icon.svg" alt="" width="26" height="26"> Ikat</p>
  <h1 class="font-title text-2xl/7.5 font-semibold">{{ $title }}</h1>
  {{ $slot }}
</main>
</body>
</html>
