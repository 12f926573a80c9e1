<p class="walk col-span-full flex items-baseline gap-3.5 text-[12px]" data-walk="{{ $url }}">
  <button type="button" class="act" data-walk-by="-1"><x-icon name="arrow-left"/> back<span class="sr-only"> to the place before: {{ $what }}</span></button>
  <button type="button" class="act" data-walk-by="1">Walk from place to place<span class="sr-only">: {{ $what }}</span> <x-icon name="arrow-right"/></button>
  <span class="text-ink-2" data-walk-at role="status"></span>
</p>
