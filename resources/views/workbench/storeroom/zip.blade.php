{{-- What becomes of the pictures of a zip, before anything is written. --}}
@php($of = fn (string $way): array => array_values(array_filter($plan, fn (array $p): bool => $p['way'] === $way)))
@php($taken = count($plan) - count($of('refused')))
<div class="grid content-start gap-2">
  <div class="flex items-baseline gap-3 border-b border-ink-1 pb-1"><h1 class="font-title text-title font-semibold" id="over-title" tabindex="-1">Pictures by their names</h1>
    <span class="min-w-0 truncate text-ink-2">{{ $name }}</span><button type="button" class="act ml-auto" data-close-over>Close</button></div>
  @foreach (['joins' => 'join a product', 'replaces' => 'take the place of a picture', 'new' => 'new in the library', 'refused' => 'refused'] as $way => $words)
  @if ($of($way) !== [])
  <section aria-labelledby="zip-{{ $way }}"><h2 class="border-b border-thread font-semibold" id="zip-{{ $way }}">{{ count($of($way)) }} {{ $words }}</h2>
    <ul class="max-h-60 overflow-y-auto" tabindex="0" aria-labelledby="zip-{{ $way }}">@foreach ($of($way) as $each)<li class="flex gap-2 py-0.5"><span
      class="min-w-0 truncate text-ink-2">{{ $each['file'] }}</span> <span aria-label="becomes">→</span> <b class="min-w-0 truncate">{{ $each['words'] ?: $each['called'] }}</b></li>@endforeach</ul>
  </section>
  @endif
  @endforeach
  @if ($taken > 0)<p class="flex items-center gap-3"><button type="button" class="publish" data-take-pictures>Take in {{ $taken }} {{ $taken === 1 ? 'picture' : 'pictures' }}</button>
    <span class="text-ink-2">What joins products is one edit, undone in one; what was replaced can be brought back.</span></p>
  @else<p>Nothing of it can be taken in.</p>@endif
  <script type="application/json" data-zip-plan>{!! json_encode(['plan' => $plan, 'stood' => $stood], JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
</div>
