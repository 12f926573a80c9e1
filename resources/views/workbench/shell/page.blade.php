<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"historyEnabled":false,"responseHandling":[
  {"code":"204","swap":false},{"code":"[23]..","swap":true},{"code":"[45]..","swap":true,"target":"#notice","swapOverride":"innerHTML"}]}'>
<title>{{ $bench->step->label() }} - {{ $bench->look->storefront->name }} - Ikat</title>
<link rel="icon" href="/build/ikat-icon.svg" type="image/svg+xml">
<link rel="stylesheet" href="/build/workbench.css">
<link rel="stylesheet" href="{{ $bench->sheet() }}" data-look-sheet>
<script type="module" src="/build/workbench.js"></script>
</head>
<body class="wb bg-paper font-text text-body text-ink-1 [font-variant-numeric:tabular-nums_lining-nums]" hx-ext="morph" hx-target="#bench" hx-swap="morph:innerHTML"
  hx-headers='{"X-CSRF-TOKEN":"{{ csrf_token() }}"}' data-look="{{ $bench->look->id }}" data-base="/workbench/looks/{{ $bench->look->id }}">
@include('workbench.shell.symbols')
<a class="skip-link absolute -top-15 left-2 z-30 bg-blue px-3.5 py-2 text-white focus:top-1.5" href="#bench">Skip to the bench</a>
<header class="bar relative z-20 flex items-center gap-4.5 bg-paper-2 px-4 whitespace-nowrap [grid-area:bar] max-[1199px]:gap-2.5">
  <a class="flex items-center gap-1.75 font-title text-[19px]/none font-semibold" href="{{ $bench->address('start') }}"><img src="/build/ikat-icon.svg" alt="" width="22" height="22"> Ikat</a>
  <details class="pick relative">
    <summary class="flex min-h-7 list-none items-center gap-1.5"><span class="text-ink-2 max-[1199px]:hidden">Storefront</span> <b>{{ $bench->look->storefront->name }}</b> <x-icon
      name="chevron-down"/></summary>
    <ul class="absolute top-8 left-0 z-25 min-w-[220px] border border-edge bg-surface px-3 py-2">
      @foreach ($bench->storefronts() as $storefront)
      @foreach ($storefront->looks as $look)
      <li><a class="block px-1 py-1.25 aria-[current]:chosen aria-[current]:pl-2 aria-[current]:font-semibold" href="/workbench/looks/{{ $look->id }}/{{ $bench->step->key() }}"
        @if ($look->id === $bench->look->id) aria-current="true" @endif>{{ $storefront->name }}: {{ $look->name }}</a></li>
      @endforeach
      @endforeach
    </ul>
  </details>
  @include('workbench.shell.bar-state')
  <div class="find relative ml-auto flex h-7 min-w-30 flex-[0_1_280px] items-center gap-2 border border-edge bg-surface pr-1.5 pl-2" data-find role="search">
    <x-icon name="search"/>
    <input class="min-w-0 flex-1 bg-transparent outline-offset-4 placeholder:text-ink-2" type="search" id="find" name="q" role="combobox" aria-label="Find a setting, page, finding or command"
      aria-expanded="false"
      aria-controls="found" aria-autocomplete="list" placeholder="Find a setting, page or finding" autocomplete="off"
      hx-get="{{ $bench->address('find') }}" hx-trigger="input changed delay:120ms" hx-include="#state" hx-target="#found" hx-swap="innerHTML">
    <kbd class="border border-thread-2 px-1.25 font-text text-[11px]/4 font-semibold text-ink-2 max-[1199px]:hidden" aria-hidden="true">/</kbd>
    <ul class="absolute top-7.5 -left-px z-25 w-[380px] border border-edge bg-surface" id="found" role="listbox" aria-label="Found" hidden></ul>
  </div>
  @include('workbench.shell.bar-end')
</header>
@include('workbench.shell.steps')
<nav class="sides sticky top-0 z-20 gap-4 border-b border-edge bg-paper-2 px-4 py-1" aria-label="Window and bench"><a class="act" href="#window">Shop window</a> <a class="act"
    href="#bench">Bench</a></nav>
@include('workbench.shell.sheet')
@include('workbench.shell.window')
<aside class="bench relative flex min-w-0 flex-col gap-2.25 overflow-x-hidden overflow-y-auto border-l border-edge bg-paper px-4 pt-2.25 [grid-area:bench]" id="bench" tabindex="-1"
  aria-label="Bench">@include('workbench.shell.bench')</aside>
<aside class="over relative z-15 overflow-x-hidden overflow-y-auto border-l-3 border-blue bg-paper px-4 pt-2.25 [grid-area:bench]" id="over" aria-labelledby="over-title"
  data-url="{{ $bench->address('storeroom/over') }}" hidden><div id="over-content"></div></aside>
@include('workbench.shell.tape')
<dialog class="library border border-ink-1 bg-paper p-0 font-text text-body text-ink-1 backdrop:bg-ink-1/45" id="library"
  aria-labelledby="library-title" data-url="{{ $bench->address('pictures') }}"><div class="flex h-full flex-col" id="library-content"></div></dialog>
@include('workbench.shell.keys')
<div class="fixed bottom-14.5 left-6.25 z-28 max-w-[520px] not-empty:notice not-empty:pr-8.5" id="notice" role="alert"></div>
{{-- What a light answer left out is asked for once there is time. --}}
@php($when = 'ikat:light from:body delay:1500ms'.($panel->isLight() ? ', load delay:1500ms' : ''))
<div hidden hx-get="{{ $bench->address('told') }}" hx-include="#state" hx-trigger="{{ $when }}" hx-swap="none" hx-target="this"></div>
<p class="sr-only" id="announce" role="status" aria-live="polite"></p>
</body>
</html>
