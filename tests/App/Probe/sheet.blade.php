<p>The bottom of the sea: {{ $bench->inspection()->look->text('probe.bottom') }}</p>
