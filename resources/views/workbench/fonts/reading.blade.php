@use('App\Workbench\Fonts\ScreenTable')
@use('App\Workbench\Fonts\StaffDrawing')
@use('Ikat\Core\Type\LineLength')
@php($at = intdiv(390 - StaffDrawing::NARROWEST, ScreenTable::STEP))
@php($long = $screens->tooLongFrom())
{{-- What the marker reads off: the longest words as bars of a page's width, and the characters of a line of text. --}}
<text class="reading-head" x="4" y="12">longest words on <tspan data-reading="screen">390</tspan> px, in {{ mb_strtolower($panel->readVoice()->label()) }}</text>
@foreach (['heading' => 'heading', 'name' => 'product name'] as $what => $called)
@php($y = 32 + 25 * $loop->index)
@php($lines = $screens->lines[$what][$at] ?? [])
<g data-reading="{{ $what }}" data-y="{{ $y - 4 }}"><title>{{ $screens->texts[$what] }}</title>
  <text x="4" y="{{ $y }}">{{ $called }}</text><path class="bar-room" d="M{{ StaffDrawing::BARS + StaffDrawing::BAR }} {{ $y - 8 }}v18"/>
  <path class="bar" data-bars d="{{ StaffDrawing::bars(array_slice($lines, 0, 4), $y - 4) }}"/>
  <text class="reading" data-words x="{{ StaffDrawing::BARS + StaffDrawing::BAR + 7 }}" y="{{ $y }}">{{ count($lines) }} {{ count($lines) === 1 ? 'line' : 'lines' }}</text></g>
@endforeach
@php($y = 80)
@php($needs = $screens->menu[$at])
@php($has = $screens->room[$at])
<g data-reading="menu" data-y="{{ $y - 4 }}"><text x="4" y="{{ $y }}">menu row</text><path class="bar-room" d="M{{ StaffDrawing::BARS + StaffDrawing::BAR }} {{ $y - 8 }}v10"/>
  <path class="bar" data-bars d="{{ StaffDrawing::bars([min(1.0, $needs / $has)], $y - 4) }}"/>
  <text class="reading" data-words x="{{ StaffDrawing::BARS + StaffDrawing::BAR + 7 }}" y="{{ $y }}">{{ $needs }} px</text>
  <text class="reading" data-menu-words x="{{ StaffDrawing::TAG_LEFT + StaffDrawing::TAG_WIDTH + 16 }}" y="{{ $y + 17 }}"
    text-anchor="end">{{ $needs > $has ? "a button there: the page has $has px" : "in one row" }}</text></g>
@php([$few, $many] = [$staff->charactersY(LineLength::FEWEST), $staff->charactersY(LineLength::MOST)])
@php([$foot, $head] = [$staff->charactersY(StaffDrawing::FEWEST), $staff->charactersY(StaffDrawing::MOST)])
@php([$left, $wide] = [StaffDrawing::PLOT_LEFT, StaffDrawing::PLOT_RIGHT - StaffDrawing::PLOT_LEFT])
<defs><pattern id="too-few-or-many" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="hatch" d="M0 0V5"/></pattern></defs>
<rect class="hatched" x="{{ $left }}" y="{{ $head }}" width="{{ $wide }}" height="{{ $many - $head }}"/>
<rect class="hatched" x="{{ $left }}" y="{{ $few }}" width="{{ $wide }}" height="{{ $foot - $few }}"/>
<path class="characters" d="{{ $staff->charactersLine($screens->characters) }}"/>
<text class="halo" x="{{ StaffDrawing::PLOT_RIGHT - 3 }}" y="{{ $few - 4 }}" text-anchor="end">{{ LineLength::FEWEST }} to {{ LineLength::MOST }} a line read best</text>
<text class="halo characters-words" x="{{ StaffDrawing::PLOT_RIGHT - 3 }}" y="{{ max($head + 9, $staff->charactersY(max($screens->characters)) - 5) }}"
  text-anchor="end">up to {{ max($screens->characters) }}
  {{ $long === null ? 'characters on a line of text' : 'characters, too many from '.number_format($long).' px on' }}</text>
