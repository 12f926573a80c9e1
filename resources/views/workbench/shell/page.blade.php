<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"responseHandling":[{"code":"204","swap":false},{"code":"[23]..","swap":true},{"code":"[45]..","swap":true,"target":"#notice","swapOverride":"innerHTML"}]}'>
<title>{{ $bench->step->label() }} - {{ $bench->look->storefront->name }} - Ikat</title>
<link rel="icon" href="/build/ikat-icon.svg" type="image/svg+xml">
<link rel="stylesheet" href="/build/workbench.css">
<link rel="stylesheet" href="{{ $bench->sheet() }}" data-look-sheet>
<script type="module" src="/build/workbench.js"></script>
</head>
<body class="wb" hx-ext="morph" hx-target="#bench" hx-swap="morph:innerHTML" hx-headers='{"X-CSRF-TOKEN":"{{ csrf_token() }}"}' data-look="{{ $bench->look->id }}" data-base="/workbench/looks/{{ $bench->look->id }}">
@include('workbench.shell.symbols')
<a class="skip-link" href="#bench">Skip to the bench</a>
<header class="bar">
  <a class="brand" href="{{ $bench->address('start') }}"><img src="/build/ikat-icon.svg" alt="" width="22" height="22"> Ikat</a>
  <details class="pick">
    <summary><span>Storefront</span> <b>{{ $bench->look->storefront->name }}</b> <x-icon name="chevron-down"/></summary>
    <ul>@foreach ($bench->storefronts() as $storefront)@foreach ($storefront->looks as $look)<li><a href="/workbench/looks/{{ $look->id }}/{{ $bench->step->key() }}" @if ($look->id === $bench->look->id) aria-current="true" @endif>{{ $storefront->name }}: {{ $look->name }}</a></li>@endforeach @endforeach</ul>
  </details>
  @include('workbench.shell.bar-state')
  <div class="find" data-find role="search">
    <x-icon name="search"/>
    <input type="search" id="find" name="q" role="combobox" aria-label="Find a setting, page, finding or command" aria-expanded="false" aria-controls="found" aria-autocomplete="list" placeholder="Find a setting, page or finding" autocomplete="off"
      hx-get="{{ $bench->address('find') }}" hx-trigger="input changed delay:120ms" hx-include="#state" hx-target="#found" hx-swap="innerHTML">
    <kbd aria-hidden="true">/</kbd>
    <ul id="found" role="listbox" aria-label="Found" hidden></ul>
  </div>
  @include('workbench.shell.bar-end')
</header>
@include('workbench.shell.steps')
@include('workbench.shell.sheet')
@include('workbench.shell.window')
<aside class="bench" id="bench" tabindex="-1" aria-label="Bench">@include('workbench.shell.bench')</aside>
@include('workbench.shell.tape')
<dialog class="library" id="library" aria-labelledby="library-title" data-url="{{ $bench->address('pictures') }}"><div id="library-content"></div></dialog>
<div class="notice-place" id="notice" role="alert"></div>
<p class="hidden-words" id="announce" role="status" aria-live="polite"></p>
</body>
</html>
