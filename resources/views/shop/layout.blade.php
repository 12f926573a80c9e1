@props(['shop', 'title', 'kind' => 'content', 'head' => 'whole', 'scheme' => 'page.scheme', 'script' => false])
@php($over = $shop->headerLiesOver($kind))
<!DOCTYPE html>
@php($language = $shop->dictionary->language)
<html lang="{{ $language->code }}" @if ($language->isRightToLeft()) dir="rtl" @endif
  class="sticky-{{ $head === 'whole' && ! $over ? $shop->text('header.sticky') : 'moves' }} header-rows-{{ count($shop->arrangement()->rows) }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }} - {{ $shop->text('header.logo.name') }}</title>
<meta name="description" content="{{ $shop->text('header.logo.name') }}: {{ $title }}">
@php($icons = $shop->icons())
@foreach ($head === 'none' ? [] : $shop->alternates() as $code => $address)<link rel="alternate" hreflang="{{ $code }}" href="{{ $address }}">
@if ($loop->first)<link rel="alternate" hreflang="x-default" href="{{ $address }}">
@endif
@endforeach
<link rel="icon" href="{{ $icons }}/favicon.ico" sizes="32x32">
<link rel="icon" href="{{ $icons }}/icon.svg" type="image/svg+xml">
<link rel="apple-touch-icon" href="{{ $icons }}/icon-180.png">
<link rel="manifest" href="{{ $icons }}/site.webmanifest">

@foreach ($shop->fonts($kind, $head) as $font)<link rel="preload" as="font" type="font/woff2" href="{{ $font }}" crossorigin>
@endforeach
<link rel="stylesheet" href="{{ $shop->file($shop->themeCss) }}">
<link rel="stylesheet" href="{{ $shop->file($shop->lookCss) }}">
@if ($head === 'whole' && $shop->foldedCss !== '')<link rel="stylesheet" href="{{ $shop->file($shop->foldedCss) }}" media="{{ $shop->foldedOn() }}"
  data-folded="{{ $shop->text('header.menu.folds') }}">@endif

@if ($script || $shop->needsScript())<script type="module" src="/build/shop.js"></script>@endif

</head>
<body class="{{ $shop->wears($scheme) }}" data-part="page">
@if ($head === 'none')
{{ $slot }}
@else
<a class="skip" href="#main">{{ $shop->say('Skip to the content') }}</a>
@if ($head === 'whole')
@includeWhen($shop->announces($kind), 'shop.parts.announcement')
@include('shop.parts.utility')
@include('shop.parts.header', ['over' => $over])
@endif
<main id="main" tabindex="-1" data-from="page.scheme">
{{ $slot }}
</main>
@if ($head === 'whole')
@include('shop.parts.footer')
@if ($shop->on('sidecart.show'))
@include('shop.parts.sidecart')
@endif
@endif
@endif
</body>
</html>
