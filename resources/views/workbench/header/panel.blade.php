@use('Ikat\Core\Header\Arrangement')
@use('Ikat\Core\Header\HeaderSolver')
@use('Ikat\Core\Setting\Catalog\Parts')
@use('Ikat\Core\Setting\Setting')
@php($look = $bench->inspection()->look)
@php($edits = $bench->edits())
@php($at = $panel->top()->at($panel->at))
@php($share = round(100 * $at['height'] / $panel->screenHeight(), 1))
<x-heading title="Header">{{ round($at['height']) }} px at {{ number_format($panel->at) }}, {{ $share }}% of the screen</x-heading>
<x-tabs label="Parts" :tabs="array_map(fn ($part) => [$panel->address(['open_part' => $part]), Parts::label($part), $part === $panel->tab], $panel->parts())"/>
<div class="flex flex-col gap-2.25">
@if ($panel->findings() !== [])
<x-tool id="t-findings" title="To be looked at" note="point at a fix to try it on">
  <ul class="step-findings grid gap-1 text-[12px]">
    @foreach ($panel->findings() as $finding)
    <li><x-diamond :severity="$finding->severity()"/> <a class="act" href="{{ $bench->addressOf($finding) }}" data-open>{{ $finding->inWords($bench->inspection()) }}</a>
      <span class="text-ink-2">{{ $finding->measured() }}</span>
      @if ($edits && $finding instanceof \Ikat\Core\Check\SettingFinding && $finding->fix !== [])
      <x-edit :$bench :changes="$finding->fix" :tries="true">{{ $finding->fixWords !== '' ? $finding->fixWords : 'Fix' }}</x-edit>@endif</li>
    @endforeach
  </ul>
</x-tool>
@endif
@if ($panel->tab === 'announcement')@include('workbench.header.messages')
@elseif ($panel->tab === 'utility')@include('workbench.header.strip')
@else
@include('workbench.header.piece')
@include('workbench.header.scrolling')
@include('workbench.header.menu')
@endif
<x-tool id="t-sum" :title="'Height at '.number_format($panel->at).' px'" :note="round($at['height']).' px, '.$share.'% of '.$panel->screenHeight()">
  <ul class="sum grid grid-cols-[repeat(auto-fit,minmax(170px,1fr))] gap-x-4 text-[12px]">
    @foreach ($panel->causes() as $cause)
    <li class="flex min-h-6 items-center gap-2"><span
      class="min-w-0 flex-1 truncate">{{ $cause['stream'] === 'utility' ? ucfirst($cause['what']) : ['announcement' => 'Bar', 'header' => 'Header'][$cause['stream']].': '.$cause['what'] }}</span>
      @if ($edits && $cause['type'] !== null)
      <form class="flex items-center gap-1" hx-post="{{ $bench->address('edits') }}" hx-trigger="change, submit"><input type="hidden" name="path" value="{{ $cause['path'] }}"><input
        class="entry w-14 py-0.5 text-right"
        name="value" value="{{ Setting::plainNumber($look->value($cause['path'])) }}" inputmode="decimal"
          aria-label="{{ Parts::label($cause['stream']) }}, {{ $cause['what'] }}: {{ $bench->setting($cause['path'])->label }}, px"> px</form>
      @else<b>{{ Setting::plainNumber(round($cause['px'], 1)) }} px</b>@endif</li>
    @endforeach
  </ul>
</x-tool>
<x-tool id="p-tab" :title="Parts::label($panel->tab).': every setting'">
  @foreach ($panel->settingsOf($panel->tab) as $setting)
  @if ($setting->type instanceof \Ikat\Core\Setting\Type\ItemsType)@include('workbench.shell.items', ['list' => $setting])@else
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @endif
  @endforeach
</x-tool>
@if ($panel->part !== $panel->tab)
<x-tool id="p-item" :title="Parts::label($panel->part)" :isItem="true">
  @foreach ($panel->settingsOf($panel->part) as $setting)
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @endforeach
</x-tool>
@endif
@include('workbench.shell.original')
</div>
