@use('Ikat\Core\Image\Connection')
{{-- What the pictures of the drawn shelf weigh, whether they have the pixels that screens need, and what encoding them anew saves. --}}
@php($goods = $panel->shelf()->goods())
@php($tool = $panel->weight())
@php($weights = $tool->weights())
@php($address = fn (int $n): string => $bench->address("storeroom?open_kind=pictures&open_record={$goods[$n]->picture_id}"))
@php($kb = fn (int $bytes): string => number_format($bytes / 1000).' kB')
@php($phone = $weights['phone'][2])
<x-tool id="t-weight" title="Weight" :note="$kb($phone->bytes(true)).' until a phone’s first screen stands, '.number_format($phone->seconds(true), 1).' s'">
  <table class="every-shelf text-[12px]">
    <thead><tr><th scope="col">Pictures on a</th><th scope="col">first screen</th><th scope="col">whole shelf</th><th scope="col">at</th><th scope="col">widest</th></tr></thead>
    <tbody>@foreach ($weights as $device => $by)@foreach ($by as $density => $weight)
    <tr><th scope="row">{{ $device }} of {{ $density }}x</th><td>{{ $kb($weight->bytes(true)) }}, {{ number_format($weight->seconds(true), 1) }} s</td><td>{{ $kb($weight->bytes()) }},
      {{ number_format($weight->seconds(), 1) }} s</td><td>{{ Connection::ofDevice($device)->words() }}</td><td>{{ $weight->needed() }} px</td></tr>
    @endforeach @endforeach</tbody>
  </table>
  @php($blurred = [])
  @foreach ($weights as $by)@foreach ($by as $weight)@foreach ($weight->blurred() as $n => $share)@php($blurred[$n] = min($blurred[$n] ?? 1, $share))@endforeach @endforeach @endforeach
  @php($missing = array_filter($goods, fn ($product) => $product->picture === null))
  <p class="pt-1 text-[12px]">@if ($blurred === [])Every picture has the pixels that screens of 2x need.@else<x-diamond severity="know"/> Too small for sharp screens:
    @foreach ($blurred as $n => $share)<a class="act inline-block" href="{{ $address($n) }}" data-open>{{ $goods[$n]->name }}</a>
    <span class="text-ink-2">{{ round(100 * $share) }}% of the pixels</span> @endforeach @endif
    @foreach ($tool->heavy() as $n => $bytes)<br><x-diamond severity="know"/> <a class="act inline-block"
      href="{{ $address($n) }}"
      data-open>{{ $goods[$n]->name }}</a> alone weighs {{ $kb($bytes) }}, on any screen. @endforeach
    @if ($missing !== [])<br><x-diamond severity="know"/> Without a picture: @foreach ($missing as $product)<a class="act inline-block"
      href="{{ $bench->address("storeroom?open_record=$product->id") }}"
      data-open>{{ $product->name }}</a> @endforeach @endif</p>
  @php($lighter = $tool->lighter())
  @php($under = $tool->underWay())
  @php($ended = $tool->ended())
  <div class="pt-1 text-[12px]" id="lighten">
    @if ($under !== null)@include('workbench.library.task', ['look' => $bench->look, 'task' => $under, 'for' => ''])
    @elseif ($lighter['pictures'] !== [])<p class="flex flex-wrap items-baseline gap-x-3">@if ($bench->edits())<button type="button" class="act" id="lighten-all"
      hx-post="{{ $bench->address('products/lighten') }}" hx-target="#lighten" hx-swap="innerHTML">Encode {{ count($lighter['pictures']) }} anew</button>@endif <span
      class="text-ink-2">A phone then loads {{ $kb($lighter['then']) }} of this shelf instead of {{ $kb($lighter['now']) }}, measured by
      encoding them.</span></p>
    @else<p class="text-ink-2">All are encoded as well as can be.</p>@endif
    @if ($ended !== null && $under === null)<p role="status">{{ $ended }}</p>@endif
  </div>
</x-tool>
