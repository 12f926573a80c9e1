@use('App\Workbench\Fonts\ScreenTable')
@use('App\Workbench\Fonts\StaffDrawing')
{{-- The screen that is read off: its plate is moved along by pointer and by key. --}}
@php($y = $staff->charactersY($screens->characters[intdiv(390 - StaffDrawing::NARROWEST, ScreenTable::STEP)]))
<g data-marker aria-hidden="true">
  <path class="marker-line" data-line d="M{{ StaffDrawing::x(390) }} 16V{{ $staff->height - 8 }}"/>
  <circle class="marker-dot" data-characters-dot cx="{{ StaffDrawing::x(390) }}" cy="{{ $y }}" r="3.5"/>
  <text class="halo marker-count" data-characters-words x="{{ StaffDrawing::x(390) + 7 }}" y="{{ $y - 5 }}">{{ $screens->characters[intdiv(390 - StaffDrawing::NARROWEST, ScreenTable::STEP)] }}</text>
</g>
<g class="marker" role="slider" tabindex="0" data-screen-marker aria-label="Screen that lines are read off on" aria-valuemin="{{ StaffDrawing::NARROWEST }}"
  aria-valuemax="{{ StaffDrawing::WIDEST }}" aria-valuenow="390" aria-valuetext="390 px">
  <rect class="marker-room" data-room x="{{ StaffDrawing::x(390) - 20 }}" y="0" width="40" height="24"/>
  <path class="marker-plate" data-plate transform="translate({{ StaffDrawing::x(390) }} 0)" d="M-19 1h38v15h-14l-5 5l-5 -5h-14z"/>
  <text class="marker-words" data-words x="{{ StaffDrawing::x(390) }}" y="12.5" text-anchor="middle">390</text>
</g>
