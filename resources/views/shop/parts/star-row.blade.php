<svg viewBox="0 0 90 16" aria-hidden="true">@for ($i = 0; $i < 5; $i++)<path transform="translate({{ $i * 18 }})"
  @class(['lit' => $of >= $i + 0.75]) d="M9 1.200l2.100 4.800 5.200.5-3.900 3.500 1.100 5.100L9 12.400l-4.500 2.700 1.100-5.100L1.700 6.500l5.200-.5z"/>@endfor</svg>
