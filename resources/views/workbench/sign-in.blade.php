<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Sign in - Ikat</title>
<link rel="icon" href="/build/ikat-icon.svg" type="image/svg+xml">
<link rel="stylesheet" href="/build/workbench.css">
</head>
<body class="plain-page">
<main>
  <p class="brand"><img src="/build/ikat-icon.svg" alt="" width="26" height="26"> Ikat</p>
  <h1>Sign in to the workbench</h1>
  @if ($problem)<p class="notice" role="alert">{{ $problem }}</p>@endif
  <form method="post" action="/workbench/sign-in" class="grid gap-3">
    @csrf
    <label class="line-field">E-mail<input class="entry" name="email" type="email" autocomplete="username" value="{{ $email }}" required autofocus></label>
    <label class="line-field">Password<input class="entry" name="password" type="password" autocomplete="current-password" required></label>
    <button class="publish justify-self-start">Sign in</button>
  </form>
</main>
</body>
</html>
