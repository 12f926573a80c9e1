@use('App\Workbench\Fonts\StaffDrawing')
@use('Ikat\Core\Setting\Setting')
@use('Ikat\Core\Type\Voice')
@php($staff = $panel->staff())
@php($samples = $panel->samples())
@php($edits = $bench->edits())
@php($screens = $panel->screens())
@php($sizesOf = $panel->sizes(Voice::Heading))
@php($words = ['phone' => 'on a phone', 'desktop' => 'on a desktop'])
<svg class="staff" viewBox="0 0 {{ StaffDrawing::WIDTH }} {{ $staff->height }}" width="{{ StaffDrawing::WIDTH }}" height="{{ $staff->height }}" role="group" data-drawing data-staff
  data-scale="{{ json_encode($staff->scale()) }}" data-screens="{{ json_encode($panel->screens()->data()) }}" aria-label="Voices: their sizes from the smallest phone to the widest desktop">
  @foreach ([320, 390, 640, 960, 1280, 1440] as $screen)
  @php($x = StaffDrawing::x($screen))
  <path @class(['axis', 'is-end' => in_array($screen, [390, 1280], true)]) d="M{{ $x }} 17V{{ $staff->height - 8 }}"/>
  <text data-mark-at="{{ $screen }}" x="{{ $x }}" y="12"
    text-anchor="{{ $screen === 320 ? 'end' : ($screen === 1440 ? 'start' : 'middle') }}">{{ $screen === 1440 ? '1,440 px' : number_format($screen) }}</text>
  @endforeach
  @foreach ($staff->lines() as $size)
  <path class="axis" d="M{{ StaffDrawing::PLOT_LEFT }} {{ $staff->y($size) }}H{{ StaffDrawing::PLOT_RIGHT }}"/>
  <text class="halo" x="{{ StaffDrawing::PLOT_RIGHT - 3 }}" y="{{ $staff->y($size) - 2 }}" text-anchor="end">{{ $size }} px</text>
  @endforeach
  <text x="{{ StaffDrawing::WORD_END }}" y="{{ $staff->rows['phone']['heading'] - $sizesOf['phone'] / 2 - 6 }}" text-anchor="end">on a phone</text>
  <text x="{{ StaffDrawing::WORD_BEGIN }}" y="12">on a desktop</text>
  <text x="{{ StaffDrawing::WIDTH - 2 }}" y="12" text-anchor="end">weight, 100 to 900</text>
  @include('workbench.fonts.reading')
  @foreach (Voice::cases() as $voice)
  @php($isOpen = $panel->voice === $voice)
  @php($sizes = $panel->sizes($voice))
  @php($face = $panel->face($voice))
  @php($family = $face->family)
  @php($weight = $face->weight)
  @php($to = $panel->address(['open_voice' => $voice->value]))
  <g @class(['voice', 'is-open' => $isOpen]) data-voice="{{ $voice->value }}" data-property="--type-{{ $voice->value }}-size" data-phone="{{ $sizes['phone'] }}" data-desktop="{{ $sizes['desktop'] }}">
    <path class="thread-room" d="{{ $staff->thread($voice->value) }}"/>
    <path class="thread-line" data-thread d="{{ $staff->thread($voice->value) }}"/>
    <g role="link" data-mark data-press-keys tabindex="{{ $isOpen ? 0 : -1 }}" hx-get="{{ $to }}" class="voice-name" aria-label="{{ $voice->label() }}: {{ $family->name }} {{ $weight }},
      {{ Setting::plainNumber($sizes['phone']) }} px on a phone, {{ Setting::plainNumber($sizes['desktop']) }} px on a desktop" @if ($isOpen) aria-current="true" @endif>
      <rect class="voice-room" x="0" y="{{ $staff->rows['phone'][$voice->value] - 12 }}" width="{{ StaffDrawing::WORD_END + 4 }}" height="24"/>
      <text class="voice-label" x="4" y="{{ $staff->rows['phone'][$voice->value] + 4 }}">{{ $voice->label() }}</text></g>
    @foreach ($words as $end => $said)
    @php($y = $staff->rows[$end][$voice->value])
    @php($x = $end === 'phone' ? StaffDrawing::TAG_LEFT : StaffDrawing::TAG_RIGHT)
    @php($setting = $bench->setting($voice->path("size.$end")))
    <text class="speaks-{{ $voice->value }} shelf-{{ $family->key }} spoken" data-word="{{ $end }}" x="{{ $end === 'phone' ? StaffDrawing::WORD_END : StaffDrawing::WORD_BEGIN }}"
      y="{{ round($y + $sizes[$end] * 0.33, 1) }}" font-size="{{ $sizes[$end] }}" text-anchor="{{ $end === 'phone' ? 'end' : 'start' }}" aria-hidden="true">{{ $samples->words[$voice->value] }}</text>
    <g class="tag" @if ($edits) role="slider" tabindex="0" data-end="{{ $end }}" data-path="{{ $setting->path }}" data-live="{{ $setting->property() }}" data-least="{{ $setting->type->min }}"
      data-most="{{ $setting->type->max }}" @if ($bench->isOwn($setting->path) && $bench->follows($setting->path) === null) data-own @endif
      data-field="#c-{{ str_replace('.', '-', $setting->path) }}" aria-label="{{ $voice->label() }}, size {{ $said }}"
      aria-valuemin="{{ $setting->type->min }}"
      aria-valuemax="{{ $setting->type->max }}" aria-valuenow="{{ $sizes[$end] }}" aria-valuetext="{{ Setting::plainNumber(round($sizes[$end], 2)) }} px" @endif>
      <rect class="tag-room" x="{{ $x }}" y="{{ $y - 12 }}" width="{{ StaffDrawing::TAG_WIDTH }}" height="24"/>
      <path class="tag-plate" d="{{ $end === 'phone' ? 'M'.$x.' '.($y - 9).'h35l8 9l-8 9h-35z' : 'M'.($x + 8).' '.($y - 9).'h36v18h-36l-8 -9z' }}"/>
      <text class="tag-words" x="{{ $x + ($end === 'phone' ? 19 : 26) }}" y="{{ $y + 4 }}" text-anchor="middle">{{ Setting::plainNumber(round($sizes[$end], 1)) }}</text></g>
    @endforeach
    @php($y = $staff->rows['desktop'][$voice->value])
    <g class="weights" @if ($edits && $family->hasWeights()) role="slider" tabindex="0" data-weights="{{ json_encode($family->weights()) }}" data-path="{{ $voice->path('weight') }}"
      data-live="{{ $bench->setting($voice->path('weight'))->property() }}" data-step="{{ StaffDrawing::WEIGHT_STEP }}" aria-label="{{ $voice->label() }}, weight"
      aria-valuemin="{{ $family->lightest }}"
      aria-valuemax="{{ $family->heaviest }}" aria-valuenow="{{ $weight }}" @endif>
      <rect class="tag-room" x="{{ StaffDrawing::WEIGHTS - 4 }}" y="{{ $y - 12 }}" width="{{ 8 * StaffDrawing::WEIGHT_STEP + 8 }}" height="24"/>
      <path class="weight-line" d="M{{ $staff::weightX($family->lightest) }} {{ $y }}H{{ $staff::weightX($family->heaviest) }}
        @foreach ($family->weights() as $each)M{{ $staff::weightX($each) }} {{ $y - 4 }}v8 @endforeach"/>
      <rect class="weight-mark" x="{{ $staff::weightX($weight) - 3.5 }}" y="{{ $y - 7 }}" width="7" height="14"/>
      <title>{{ $family->name }} {{ $family->hasWeights() ? $weight : "has $weight only" }}</title></g>
  </g>
  @endforeach
  @include('workbench.fonts.marker')
</svg>
