@use('App\Storefront\SamplePages')
@use('App\Workbench\Fonts\FamilyShelf')
@use('Ikat\Core\Check\SettingFinding')
@use('Ikat\Core\Setting\Catalog\Parts')
@use('Ikat\Core\Setting\Setting')
@php($look = $panel->look())
@php($edits = $bench->edits())
@php($voice = $panel->voice)
@php($family = $panel->face($voice)->family)
@php($all = $panel->weightOfAll())
@php($kilo = fn (int $bytes): string => number_format($bytes / 1000, 1).' kB')
@php($longest = $panel->samples()->products[0])
<link rel="stylesheet" href="{{ $bench->address('shelf.css') }}?v={{ hash('crc32b', $panel->shelf->fonts->key()) }}">
<x-heading title="Fonts">{{ $all['families'] }} {{ $all['families'] === 1 ? 'file' : 'files' }} of letters on a page, {{ $kilo($all['bytes']) }}</x-heading>
@include('workbench.fonts.tabs', ['isShapes' => false])
<div class="flex flex-col gap-2.25">
<x-tool id="t-voice" :title="$voice->label()" :note="'shows in '.$panel->places().' places'">
  <div class="voice-fields grid grid-cols-4 gap-x-2">
  @foreach ($panel->settings() as $what => $setting)
  <div @class(['col-span-2' => in_array($what, ['family', 'case', 'ends'], true)])>@include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])</div>
  @endforeach
  @if ($voice->value === 'body')<div>@include('workbench.shell.control', ['setting' => $bench->setting('type.scale'), 'resolution' => $look->at('type.scale')])</div>@endif
  </div>
  @php($chains = $panel->chains())
  @php($cut = $panel->cutChains())
  @if ($chains !== [] || $cut !== [])
  <ul class="chains grid gap-0.5 pt-1 text-[12px]" aria-label="What {{ $voice->label() }} follows">
    @foreach ($chains as $path => $chain)
    <li class="flex items-baseline gap-2"><span class="min-w-0 flex-1"><b>{{ Parts::labelWithin($bench->setting($path)) }}</b> follows {{ $chain['words'] }}</span>
      @if ($edits)<x-edit :$bench :$path :value="$chain['value']" aria-label="Stop following: {{ $bench->setting($path)->label }}">stop following</x-edit>@endif</li>
    @endforeach
    @foreach ($cut as $path => $target)
    <li class="flex items-baseline gap-2"><span class="min-w-0 flex-1 text-ink-2">{{ Parts::labelWithin($bench->setting($path)) }} is its own</span>
      @if ($edits)<x-edit :$bench :$path :with="['original' => '1']" value="">follow {{ $target }}</x-edit>@endif</li>
    @endforeach
  </ul>
  @endif
</x-tool>
@if ($panel->findings() !== [])
<x-tool id="t-findings" title="To be looked at" note="point at a fix to try it on">
  <ul class="step-findings grid gap-1 text-[12px]">
    @foreach ($panel->findings() as $finding)
    <li><x-diamond :severity="$finding->severity()"/> <a class="act" href="{{ $bench->addressOf($finding) }}" data-open>{{ $finding->inWords($bench->inspection()) }}</a>
      <span class="text-ink-2">{{ $finding->measured() }}</span>
      @if ($edits && $finding instanceof SettingFinding && $finding->fix !== [])
      @php($to = array_key_first($finding->fix))
      <x-edit :$bench :changes="$finding->fix" :tries="true">Set {{ Parts::labelWithin($bench->setting($to)) }} to {{ $bench->setting($to)->describe($finding->fix[$to]) }}</x-edit>@endif</li>
    @endforeach
  </ul>
</x-tool>
@endif
@if ($panel->ways() !== [])
<x-tool id="t-word" title="One word is left over" note="on a phone of 390 px; point at a way to try it on">
  <ul class="ways grid gap-1.5 text-[12px]">
    @foreach ($panel->ways() as $way)
    <li class="grid grid-cols-[minmax(0,1fr)_118px] items-center gap-x-3">
      <span class="way shelf-{{ $family->key }} at-{{ $panel->face($voice)->weight }}" aria-hidden="true"><svg viewBox="0 0 {{ round($way['room']) }} {{ 10 + 31 * count($way['lines']) }}"
        width="100%"><path class="way-end" d="M{{ round($way['room']) - 1 }} 0V{{ 10 + 31 * count($way['lines']) }}"/>@foreach ($way['lines'] as $line)<text x="0"
          y="{{ 27 + 31 * $loop->index }}" font-size="{{ $way['changes'][$voice->path('size.phone')] ?? $panel->sizes($voice)['phone'] }}">{{ $line }}</text>@endforeach</svg></span>
      <span class="grid gap-0.25"><b>{{ ucfirst($way['words']) }}</b><span class="text-ink-2">{{ count($way['lines']) }} {{ count($way['lines']) === 1 ? 'line' : 'lines' }},
        {{ round($way['widest']) }} of {{ round($way['room']) }} px</span>
        @if ($edits && $way['changes'] !== [])<x-edit class="justify-self-start" :$bench :changes="$way['changes']" :tries="true" aria-label="Set: {{ $way['words'] }}">Set</x-edit>@endif</span>
    </li>
    @endforeach
  </ul>
</x-tool>
@endif
<x-tool id="t-lines" title="How its words break" :note="$voice->isHeading() ? 'the heading of the most lines' : 'the longest of your names'">
  <ul class="grid gap-0.75 text-[12px]">
    @foreach ($panel->broken() as $screen => $lines)
    <li class="grid grid-cols-[58px_46px_minmax(0,1fr)] items-baseline gap-2"><span class="text-ink-2">{{ $screen }} px</span><b>{{ count($lines) }}
      {{ count($lines) === 1 ? 'line' : 'lines' }}</b><span class="min-w-0 truncate">{{ implode(' / ', $lines) }}</span></li>
    @endforeach
    @php($row = $voice->value === 'menu' ? $panel->menuWidth() : null)
    @if ($row !== null)<li>All {{ count($panel->samples()->menu) }} entries of the menu take {{ round($row) }} px in one row; it folds behind a button
      {{ $look->text('header.menu.place') === 'folded' ? 'on every screen' : 'under '.Setting::plainNumber($look->value('header.menu.fold')).' px' }}.</li>@endif
  </ul>
</x-tool>
@if ($panel->columns() !== null)@include('workbench.fonts.columns', ['columns' => $panel->columns()])@endif
<x-tool id="t-shelf" title="Families" :note="'alike = ink shared with '.$family->name.', letter on letter'">
  <div class="grid gap-0.5 pb-1">
    @foreach ($panel->shelf->filters() as $filter => ['label' => $label, 'words' => $words, 'options' => $options, 'now' => $now])
    <x-chips :$label :$words>@foreach ($options as $value => $called)<a @class(['act', 'ml-2' => ! $loop->first]) href="{{ $panel->address(["open_$filter" => $value]) }}"
      hx-get="{{ $panel->address(["open_$filter" => $value]) }}" @if ($now === (string) $value) aria-current="true" @endif>{{ $called }}</a>@endforeach</x-chips>
    @endforeach
  </div>
  @php($listed = $panel->shelf->families())
  <ul class="shelf" data-drawing aria-label="Families, the most alike first">
    @foreach ($listed as $key => $each)
    @php($isNow = $key === $family->key)
    @php($changes = $panel->shelf->choosing($each['family'], $each['weight']))
    @php($isMarked = $panel->shelf->isMarked($key))
    <li class="flex items-stretch border-b border-thread"><button type="button"
      @class(['family grid w-full cursor-pointer grid-cols-[minmax(0,1fr)_124px] gap-x-2 px-1.5 py-1 text-left', 'is-now bg-blue-wash' => $isNow])
      data-mark
      tabindex="{{ $loop->first ? 0 : -1 }}" @if ($isNow) aria-current="true" data-try="" @else data-try="{{ $bench->trial($changes) }}" @endif
      @if ($edits && ! $isNow) hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($changes)]) }}" @endif>
      <span class="shelf-{{ $key }} at-{{ $each['weight'] }} min-w-0 self-center text-[16px]/5" lang="en">{{ $longest }}</span>
      <span class="grid gap-0.25 text-[11.5px]/4"><b>{{ $each['family']->name }} {{ $each['weight'] }}</b>
        <span class="flex items-center gap-1.5"><span class="alike" aria-hidden="true"><svg width="48" height="6" viewBox="0 0 100 6" preserveAspectRatio="none"><rect width="{{ $each['share'] ?? 0 }}"
          height="6"/></svg></span>{{ $isNow ? 'in use' : ($each['family']->isOwn() ? 'your own' : ($each['share'] === null ? '' : $each['share'].'% alike')) }}</span>
        <span class="text-ink-2">{{ $kilo($each['family']->bytes['latin']) }}<span class="systems" aria-label="{{ implode(', ', $each['family']->systems()) }}"> Aa
          {{ implode(' ', array_intersect_key(FamilyShelf::SIGNS, array_flip($each['family']->systems()))) }}</span></span></span>
    </button>@if ($edits && ! $each['family']->isOwn())<button type="button" class="mark grid w-6 flex-none cursor-pointer place-items-center" aria-pressed="{{ $isMarked ? 'true' : 'false' }}"
      aria-label="Mark {{ $each['family']->name }}"
      title="{{ $isMarked ? 'Take the mark off' : 'Mark it, to find it again' }}" hx-post="{{ $bench->address('families/mark') }}"
      hx-vals="{{ json_encode(['family' => $key, 'marked' => $isMarked ? '' : 'yes']) }}"><x-icon name="bookmark"/></button>@endif</li>
    @endforeach
  </ul>
  @if ($listed === [])<p class="py-1 text-[12px]">{{ $panel->shelf->emptyWords() }}</p>@endif
  <p class="pt-1 text-[12px]">@if (! $panel->shelf->listsAll && $panel->shelf->fitting() > count($listed))<a class="act" href="{{ $panel->address(['open_all' => 'yes']) }}"
    hx-get="{{ $panel->address(['open_all' => 'yes']) }}">All {{ $panel->shelf->fitting() }} families</a>. @endif All under the SIL Open Font License 1.1; what the look does not speak in is
    never sent.</p>
</x-tool>
@include('workbench.fonts.own-fonts')
<x-tool id="t-pairs" title="Pairs to consider" note="headings with text; point at one to try it on">
  @php($now = $panel->pairNow())
  <ul class="grid gap-1.5">
    @foreach ($panel->pairs() as $pair)
    @php($changes = $panel->taking($pair))
    <li><button type="button" class="pair grid w-full cursor-pointer gap-0.5 border-b border-thread px-1.5 py-1 text-left" data-try="{{ $bench->trial($changes) }}"
      @if ($edits) hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($changes)]) }}" @endif>
      <span class="flex items-baseline gap-2"><b>{{ $pair->heading->name }} {{ $pair->headingWeight }} with {{ $pair->body->name }} {{ $pair->bodyWeight }}</b><span
        class="ml-auto text-[12px] text-ink-2">{{ $kilo($pair->bytes()) }}, {{ $kilo(abs($now->bytes() - $pair->bytes())) }}
        {{ $pair->bytes() <= $now->bytes() ? 'less' : 'more' }}</span></span>
      <span class="flex items-baseline gap-1.5 overflow-hidden text-[34px]/9.5" aria-hidden="true"><span
        class="shelf-{{ $pair->heading->key }} at-{{ $pair->headingWeight }}">{{ $panel->samples()->words['heading'] }}</span><span
        class="shelf-{{ $pair->body->key }} at-{{ $pair->bodyWeight }}">{{ $panel->samples()->words['heading'] }}</span></span>
      <span class="text-[12px]">{{ $pair->reason() }}</span></button></li>
    @endforeach
  </ul>
  <p class="pt-1 text-[12px] text-ink-2">Now: {{ $now->heading->name }} {{ $now->headingWeight }} with {{ $now->body->name }} {{ $now->bodyWeight }}. {{ $now->reason() }}</p>
</x-tool>
@php($fonts = $panel->pageFonts())
@php($groups = $fonts->groups())
@php($most = max(1, ...array_column($groups, 'bytes')))
<x-tool id="t-bytes" title="Kilobytes a page" note="what each kind of page fetches of letters, at most">
  <ul class="page-fonts grid gap-1.25 text-[12px]">
    @foreach ($groups as $group)
    <li class="grid gap-0.25"><span class="flex items-center gap-2"><svg class="w-0 min-w-0 flex-1" viewBox="0 0 1000 8" height="8" preserveAspectRatio="none"
      aria-hidden="true">@php($x = 0)@foreach ($group['files'] as $bytes)
        <rect class="file-{{ $loop->index % 2 }}" x="{{ round($x / $most * 1000) }}" width="{{ max(4, round($bytes / $most * 1000) - 4) }}" height="8"/>@php($x += $bytes)@endforeach</svg><b
        class="w-16 text-right">{{ $kilo($group['bytes']) }}</b></span>
      <span>@foreach ($group['files'] as $name => $bytes){{ $loop->first ? '' : ', ' }}{{ $name }} {{ $kilo($bytes) }}@endforeach</span>
      @php($names = array_values(array_intersect_key(SamplePages::labels(), array_flip($group['pages']))))
      <span class="text-ink-2">{{ implode(', ', array_slice($names, 0, 4)) }}@if (count($names) > 4) <x-fold
        :title="'and '.(count($names) - 4).' more'">{{ implode(', ', array_slice($names, 4)) }}</x-fold>@endif</span></li>
    @endforeach
  </ul>
  @if ($fonts->savings !== [])
  <ul class="grid gap-0.5 pt-1.5 text-[12px]" aria-label="What would be saved">
    @foreach ($fonts->savings as $saving)
    <li class="flex items-baseline gap-2"><span class="min-w-0 flex-1">{{ $saving['words'] }}: <b>{{ $kilo($saving['bytes']) }} less</b> on {{ $saving['pages'] }} of {{ count($fonts->files) }} kinds
      of page</span>
      @if ($edits)<x-edit :$bench :changes="$saving['changes']" :tries="true" aria-label="Save it: {{ $saving['words'] }}">Save it</x-edit>@endif</li>
    @endforeach
  </ul>
  @endif
  <p class="pt-1 text-[12px] text-ink-2">All weights of a family are in one file, and letters of other writing systems in files of their own: a weight less saves nothing, and what no page says is not
    fetched.</p>
</x-tool>
</div>
@include('workbench.shell.original')
