@props(['bench', 'id', 'name', 'x', 'y', 'left', 'top', 'width', 'height', 'at' => 'sheet'])
{{-- The point of a picture that stays in sight, dragged or moved by key both ways. --}}
@php([$px, $py] = [round($left + $x / 100 * $width, 1), round($top + $y / 100 * $height, 1)])
<g class="focus-mark" id="focus-{{ $at }}-{{ $id }}" role="slider" tabindex="0" data-focus-mark="{{ $id }}" data-stood="{{ json_encode([(string) (int) $x, (string) (int) $y]) }}"
  data-box="{{ json_encode([$left, $top, $width, $height]) }}" aria-label="What stays in sight of {{ $name }}" aria-valuemin="0" aria-valuemax="100" aria-valuenow="{{ (int) $x }}"
  aria-valuetext="{{ (int) $x }}% from the left, {{ (int) $y }}% from the top" @if (! $bench->edits()) aria-disabled="true" @endif><rect class="slide-room" x="{{ $px - 12 }}" y="{{ $py - 12 }}"
  width="24" height="24"/><circle class="ring" cx="{{ $px }}" cy="{{ $py }}" r="6"/><circle class="point" cx="{{ $px }}" cy="{{ $py }}" r="1.500"/></g>
