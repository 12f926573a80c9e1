@props(['title', 'keep' => null])
<details class="open:basis-full open:pt-1 open:pb-2" @if ($keep) data-keep="{{ $keep }}" @endif><summary class="act inline-block list-none">{{ $title }}</summary>{{ $slot }}</details>
