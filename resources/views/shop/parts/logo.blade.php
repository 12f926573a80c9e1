@php($logo = $shop->logo($on))
<a class="logo" href="{{ $shop->address('/') }}" data-part="logo" data-from="header.logo.kind header.logo.place">
  @if ($logo)
  @php($dim = $shop->logoInTheDark($on))
  @if ($dim)<picture><source media="(prefers-color-scheme: dark)" srcset="{{ $dim->sharpest() }}">@endif<img class="logo-picture plate-{{ $shop->text('header.logo.plate') }}"
    src="{{ $logo->sharpest() }}" alt="{{ $shop->words('header.logo.alt') ?: $shop->text('header.logo.name') }}" width="{{ $logo->width }}" height="{{ $logo->height }}"
    data-from="{{ $logo === $shop->picture('header.logo.picture') ? 'header.logo.picture' : 'header.logo.dark' }} header.logo.plate header.logo.alt">@if ($dim)</picture>@endif
  @else
  @if ($shop->on('header.logo.sign'))<svg viewBox="0 0 30 40" aria-hidden="true" data-from="header.logo.sign"><path d="M15 1v5" stroke-width="2"/><path d="M10 7.500h10M10 32.500h10"
    stroke-width="3"/><path d="M9 9h12c5 3 7 7 7 11s-2 8-7 11H9c-5-3-7-7-7-11s2-8 7-11z" stroke-width="2"/><path d="M4 15.500q11 3.500 22 0M3 20.500q12 4 24 0M5 26q10 3 20 0"
    stroke-width="1.400"/><path d="M15 34v5" stroke-width="2"/></svg>@endif
  <span><span data-from="header.logo.name">{{ $shop->text('header.logo.name') }}</span>@if ($shop->text('header.logo.line') !== '')<small
    data-from="header.logo.line">{{ $shop->words('header.logo.line') }}</small>@endif</span>
  @endif
</a>
