<p class="text-[12.5px]"><b>The theme brings {{ count($fonts) === 1 ? 'a font' : 'fonts' }} with it</b> that this store does not have yet.</p>
<ul class="grid gap-1 text-[12.5px]">
  @foreach ($fonts as $font)
  <li><b>{{ $font->called() }}</b>, {{ $font->kind->value }}. {{ $font->license->inWords() }}</li>
  @endforeach
</ul>
<label class="flex items-baseline gap-2 py-1 text-[12.5px]"><input type="checkbox" name="confirmed" value="yes" required> This shop may use {{ count($fonts) === 1 ? 'it' : 'them' }} on its pages: I
  have {{ count($fonts) === 1 ? 'its license' : 'their licenses' }}.</label>
<button class="act">Bring it in with {{ count($fonts) === 1 ? 'its font' : 'its fonts' }}</button>
