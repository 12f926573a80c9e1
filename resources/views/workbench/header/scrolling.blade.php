@use('Ikat\Core\Header\ScrolledHeader')
<x-tool id="t-scrolling" title="While the page scrolls" note="at the top, going down, going up">
  @php($now = $look->text('header.sticky'))
  <ul class="scrolled grid grid-cols-[repeat(auto-fit,minmax(68px,1fr))] gap-2 text-[12px]">
    @foreach ($panel->scrolled() as $way => $scrolled)
    @php($kept = fn (string $when): int => match (true) { $when === 'top' => 9, $way === 'moves' => 0, $way === 'returns' => $when === 'up' ? 9 : 0, $way === 'stays' => 9, default => 5 })
    <li @class(['grid content-start gap-1 border-t-2 pt-1', 'border-blue bg-blue-wash' => $way === $now, 'border-transparent' => $way !== $now])>
      <svg viewBox="0 0 72 40" width="72" height="40" aria-hidden="true">@foreach (['top', 'down', 'up'] as $i => $when)<rect class="page" x="{{ 1 + 24 * $i }}" y="1" width="20" height="38"/><rect
        class="kept" x="{{ 1 + 24 * $i }}" y="1" width="20" height="{{ $kept($when) }}"/>@endforeach</svg>
      @if ($edits && $way !== $now)<x-edit class="justify-self-start text-left" :$bench :changes="['header.sticky' => $way]"
        :tries="true">{{ ucfirst($scrolled->words) }}</x-edit>@else<b>{{ ucfirst($scrolled->words) }}</b>@endif
      @foreach ($scrolled->screens as $device => $screen)<span class="text-ink-2" title="{{ $device }}"><span
        class="sr-only">{{ $device }}: </span>{{ ['desktop' => 'desk', 'phone' => 'phone'][$device] ?? 'turned' }}
        {{ round($screen['px']) }}, {{ round(100 * $screen['share'], 1) }}%</span>@endforeach
    </li>
    @endforeach
  </ul>
  @if ($now === 'smaller')@include('workbench.shell.control', ['setting' => $bench->setting('header.sticky.size'), 'resolution' => $look->at('header.sticky.size')])@endif
  @if ($now === 'row' && count($panel->top()->header->arrangement()->rows) < 2)<p class="pt-1 text-[12px]">There is no second row yet, so all of it stays.
    @if ($edits)<x-edit :$bench :changes="['header.menu.place' => 'below-start']" :tries="true">Put the menu there</x-edit>@endif</p>@endif
  <div class="scrolled flex items-center gap-3 pt-2 text-[12px]">
    <svg viewBox="0 0 56 100" width="56" height="100" role="slider" tabindex="0" aria-label="Scroll the shop" aria-orientation="vertical" aria-valuemin="0" aria-valuemax="100" aria-valuenow="0"
      aria-valuetext="the top of the page" data-scroll-shop><rect class="page" x="0.5" y="0.5" width="55" height="99"/><g data-screen><rect class="screen" x="1.5" y="1.5" width="53"
      height="24"/><rect class="kept" x="1.5" y="1.5" width="53" height="3"/></g></svg>
    <p class="text-ink-2"><span data-scrolled-share role="status">Drag the screen down the page, or move it by arrow keys: the shop scrolls, and what stays in sight is counted.</span></p>
  </div>
</x-tool>
