@props(['title'])
<div class="bench-head flex items-baseline gap-2.5"><h1 class="font-title text-[21px]/6.5 font-semibold">{{ $title }}</h1>
  @if (trim($slot) !== '')<p class="text-[12px] text-ink-2">{{ $slot }}</p>@endif
</div>
