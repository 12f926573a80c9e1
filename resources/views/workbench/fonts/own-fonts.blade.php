<x-tool id="t-own" title="Your own font" note="TTF, OTF, WOFF or WOFF2, up to 4 MB">
  @foreach ($panel->ownFonts() as $own)
  <div class="grid gap-0.5 border-b border-thread py-1 text-[12.5px]"><span class="flex items-baseline gap-2"><b
    class="shelf-{{ $own['font']->key }} min-w-0 flex-1 truncate text-[17px]/6">{{ $own['font']->name }}</b>
      @if ($edits)@if ($own['uses'] === [])<button type="button" class="act" hx-post="{{ $bench->address('families/own/'.$own['font']->id.'/remove') }}">Remove</button>
      @else<x-fold title="Remove"><span class="block">{{ implode(', ', $own['uses']) }} {{ count($own['uses']) === 1 ? 'speaks' : 'speak' }} in it, and would go back to what they had
        before; what is live keeps it until the next publishing.</span> <button type="button" class="act"
          hx-post="{{ $bench->address('families/own/'.$own['font']->id.'/remove') }}">Remove it all the same</button></x-fold>@endif @endif</span>
    <span class="text-ink-2">{{ $own['uses'] === [] ? 'Nothing speaks in it yet.' : 'Used by: '.implode(', ', $own['uses']).'.' }} {{ $own['font']->confirmed_by }} has its license.</span></div>
  @endforeach
  @if ($edits)
  <form class="grid gap-1 pt-1" hx-post="{{ $bench->address('families/own') }}" hx-encoding="multipart/form-data" hx-target="#own-asked" hx-swap="innerHTML" hx-disabled-elt="find button"
    hx-indicator="#own-busy">
    <label for="own-font" class="text-[12.5px]">It is read before it is kept, and you are told what it says of its license</label>
    <input type="file" id="own-font" name="font" accept=".ttf,.otf,.woff,.woff2,font/ttf,font/otf,font/woff,font/woff2" required>
    <div id="own-asked" class="grid justify-items-start gap-1" aria-live="polite"><button class="act">Read it</button></div>
  </form>
  <x-busy id="own-busy" words="Reading the font"/>
  @endif
</x-tool>
