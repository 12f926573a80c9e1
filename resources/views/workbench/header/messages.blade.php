@use('Ikat\Core\Header\HeaderSolver')
@use('Ikat\Core\Setting\Setting')
@php([$ground, $ink] = $panel->colors('announcement', 'link'))
@foreach ($panel->messages() as $message)
@php($phone = $message['devices']['phone'])
@php($path = $message['item']->path('text'))
<x-tool :id="'t-'.$message['item']->name()" :title="'Message '.$message['item']->number"
  :note="$message['words'] === '' ? 'says nothing yet' : round($phone['width']).' px of words, '.round($phone['room']).' of room on a phone'">
  @if ($message['words'] !== '')
  <svg class="bar-on-phone max-w-full" viewBox="0 0 390 {{ 2 * $look->value('announcement.space') + 1.45 * $look->value('announcement.size') * count($phone['lines']) }}" width="390"
    role="img" aria-label="On a phone: {{ implode(' / ', $phone['lines']) }}">
    <rect width="390" height="100%" fill="{{ $ground }}"/><path d="M40 0V999M350 0V999" stroke="{{ $ink }}" stroke-dasharray="3 3" opacity=".5"/>
    @foreach ($phone['lines'] as $i => $line)
    @php($y = $look->value('announcement.space') + 1.45 * $look->value('announcement.size') * ($i + 0.72))
    @if ($i > 0)<rect x="40" y="{{ $y - $look->value('announcement.size') }}" width="310" height="{{ 1.3 * $look->value('announcement.size') }}" fill="{{ $ink }}" opacity=".22"/>@endif
    <text class="speaks-body" x="195" y="{{ $y }}" text-anchor="middle" font-size="{{ $look->value('announcement.size') }}"
      font-family="{{ $look->at('type.body.family')->setting->type->css($look->text('type.body.family')) }}" fill="{{ $ink }}">{{ $line }}</text>
    @endforeach
  </svg>
  <ul class="grid gap-0.5 pt-1 text-[12px]">
    @foreach ($message['devices'] as $device => $on)
    <li class="grid grid-cols-[minmax(0,86px)_minmax(0,150px)_minmax(0,1fr)] items-center gap-2"><span class="text-ink-2">{{ $device }} {{ number_format($on['screen']) }}</span>
      <svg class="w-full" viewBox="0 0 150 8" height="8" preserveAspectRatio="none" aria-hidden="true"><rect width="150" height="8" fill="{{ $ground }}"/><rect
        x="{{ round(75 - min(75, 75 * $on['width'] / $on['screen']), 1) }}" y="2.500"
        width="{{ round(min(150, 150 * $on['width'] / $on['screen']), 1) }}" height="3" fill="{{ $ink }}"/></svg>
      @php($lines = count($on['lines']))
      <span><b>{{ $lines }} {{ $lines === 1 ? 'line' : 'lines' }}</b>, {{ round(abs($on['room'] - $on['width'])) }} px {{ $lines === 1 ? 'left' : 'too long' }}</span></li>
    @endforeach
  </ul>
  @if ($message['shorter'] !== null || $message['smaller'] !== null)
  <ul class="shorter grid gap-0.5 pt-1 text-[12px]">
    @if ($message['shorter'] !== null)<li class="flex items-baseline gap-2"><span class="min-w-0 flex-1"><span
      class="text-ink-2">Shorter, {{ round($message['shorter']['width']) }} px:</span> {{ $message['shorter']['text'] }}</span>
      @if ($edits)<x-edit :$bench :changes="[$path => $message['shorter']['text']]" :tries="true" aria-label="Set: {{ $message['shorter']['text'] }}">Set</x-edit>@endif</li>@endif
    @if ($message['smaller'] !== null)<li class="flex items-baseline gap-2"><span class="min-w-0 flex-1">One line on a phone with letters of {{ Setting::plainNumber($message['smaller']) }} px</span>
      @if ($edits)<x-edit :$bench :changes="['announcement.size' => $message['smaller']]" :tries="true">Set</x-edit>@endif</li>@endif
  </ul>
  @endif
  @include('workbench.header.promises', ['words' => $message['words'], 'path' => $path])
  @endif
  @if ($edits)
  <form class="grid gap-0.5 pt-1.5" hx-post="{{ $bench->address('edits') }}" hx-trigger="change, submit"><input type="hidden" name="path" value="{{ $path }}"><label class="sr-only"
    for="say-{{ $message['item']->name() }}">Words of message {{ $message['item']->number }}</label><input class="entry" id="say-{{ $message['item']->name() }}" name="value" maxlength="120"
    value="{{ $look->text($path) }}" data-mirror="{{ $path }}"></form>
  <p class="flex flex-wrap gap-x-3 pt-0.5 text-[12px]"><x-edit :$bench :path="$message['item']->path('show')"
    :value="$message['shows'] ? 'off' : 'on'">{{ $message['shows'] ? 'Take it down' : 'Show it' }}</x-edit>
    <a class="act" href="{{ $panel->address(['open_part' => 'message-'.$message['item']->name()]) }}"
      hx-get="{{ $panel->address(['open_part' => 'message-'.$message['item']->name()]) }}">where it leads, and when</a></p>
  @endif
</x-tool>
@endforeach
