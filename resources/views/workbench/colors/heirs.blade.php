{{-- What takes the place of what is removed: one for all, and for each of the rows alone where it should be another. --}}
<select class="entry" id="{{ $id }}" name="heir">@foreach ($heirs as $key => $label)<option value="{{ $key }}">{{ $label }}</option>@endforeach</select>
@if ($rows !== [])
<ul class="heirs grid max-h-[170px] w-full gap-0.75 overflow-y-auto">
  @foreach ($rows as $path => $words)
  <li class="grid grid-cols-[1fr_130px] items-center gap-2"><label for="heir-{{ $loop->index }}">{{ $words }}</label>
    <select class="entry" id="heir-{{ $loop->index }}" name="instead[{{ $path }}]"><option value="">as above</option>@foreach ($heirs as $key => $label)<option
      value="{{ $key }}">{{ $label }}</option>@endforeach</select></li>
  @endforeach
</ul>
@endif
