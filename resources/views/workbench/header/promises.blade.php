{{-- What the words promise, each looked up in the Storeroom, with ways to make it true. --}}
@php($promises = $panel->promises($path))
@if ($promises !== [])
<ul class="promises grid gap-1 pt-1 text-[12px]">
  @foreach ($promises as $promise)
  @php($mended = $promise->mended($look->text($path)))
  <li>@if ($promise->isTrue)<x-icon name="check"/> <span class="sr-only">Kept:</span> {{ ucfirst($promise->why) }}@else
    <x-diamond severity="stop"/> <b>{{ ucfirst($promise->why) }}</b>@endif
    <span class="flex flex-wrap gap-x-3">
    @if ($promise->row !== null)
    @php([$kind, $record] = $promise->row)
    <button type="button" class="act" id="over-{{ str_replace('.', '-', $path) }}-{{ $loop->iteration }}"
      data-over="{{ http_build_query(['open_kind' => $kind, 'open_record' => $record]) }}">{{ $kind === 'codes' ? 'Open the code, and try it in a cart' : 'Open the offer' }}</button>
    @elseif (! $promise->isTrue)
    <button type="button" class="act" id="over-{{ str_replace('.', '-', $path) }}-{{ $loop->iteration }}"
      data-over="{{ http_build_query(['open_kind' => $promise->claim->kind === \Ikat\Core\Promise\ClaimKind::Code ? 'codes' : 'delivery']) }}">Open the offers</button>
    @endif
    @if (! $promise->isTrue && $edits && $mended !== null)<x-edit :$bench :changes="[$path => $mended]" :tries="true">Say “{{ $mended }}”</x-edit>@endif
    </span></li>
  @endforeach
</ul>
@endif
