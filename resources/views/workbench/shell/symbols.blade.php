<svg class="absolute" width="0" height="0" aria-hidden="true"><defs>
@php($outer = 'M5 0h1v1h1v1h1v1h1v1h1v1h1v1h-1v1h-1v1h-1v1h-1v1h-1v1h-1v-1h-1v-1h-1v-1h-1v-1h-1v-1h-1v-1h1v-1h1v-1h1v-1h1v-1h1z')
@php($inner = 'M5 2h1v1h1v1h1v1h1v1h-1v1h-1v1h-1v1h-1v-1h-1v-1h-1v-1h-1v-1h1v-1h1v-1h1z')
<symbol id="dia-stop" viewBox="0 0 11 11"><path d="{{ $outer }}" fill="currentColor"/></symbol>
<symbol id="dia-fix" viewBox="0 0 11 11"><path d="{{ $outer }}{{ $inner }}M5 2h1v7h-1v-1h-1v-1h-1v-1h-1v-1h1v-1h1v-1h1z" fill="currentColor" fill-rule="evenodd"/></symbol>
<symbol id="dia-know" viewBox="0 0 11 11"><path d="{{ $outer }}{{ $inner }}" fill="currentColor" fill-rule="evenodd"/></symbol>
@foreach (Ikat\Core\Color\Vision::cases() as $vision)
<filter id="sees-{{ $vision->value }}" color-interpolation-filters="linearRGB" x="0" y="0" width="100%" height="100%"><feColorMatrix type="matrix"
  values="@foreach (array_chunk($vision->matrix(), 3) as $row){{ implode(' ', $row) }} 0 0 @endforeach 0 0 0 1 0"/></filter>
@endforeach
</defs></svg>
