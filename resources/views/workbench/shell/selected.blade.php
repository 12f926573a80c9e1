@use('Ikat\Core\Setting\Catalog\Parts')
@use('Ikat\Core\Look\SchemeUses')
@use('Ikat\Core\Setting\ColoredText')
@use('Ikat\Core\Setting\SettingPath')
@use('Ikat\Core\Setting\Type\ColorType')
@use('Ikat\Core\Setting\Type\TextType')
@php($partName = Parts::label($part))
@php($row = 'grid min-h-7 w-full cursor-pointer grid-cols-[22px_64px_minmax(0,1fr)] items-center gap-2 px-2 text-left hover:chosen')
@php($key = 'border border-edge text-center text-[11px]/4.5 font-semibold')
@php($offers = ['words' => 'W', 'picture' => 'P', 'target' => 'L', 'color' => 'C', 'font' => 'F', 'space' => 'S'])
<h2 class="flex items-baseline gap-2 border-b border-thread px-2 py-1.25 font-title text-[15px]/5 font-semibold"><span
  class="min-w-0 flex-1">{{ $name === $partName ? $name : "$name, ".mb_strtolower($partName) }}</span>
  <button type="button" class="cursor-pointer font-text text-[12px]" data-let-go aria-label="Let go"><x-icon name="x"/></button></h2>
@foreach ($thing->byKind as $kind => $settings)
@if (isset($offers[$kind]))
@foreach (array_slice($settings, 0, 2) as $setting)
@php($value = $look->value($setting->path))
<a @class([$row, 'chosen' => $setting === $main]) href="{{ $bench->addressOfSetting($setting->path) }}" data-offer @if ($loop->first) data-key="{{ strtolower($offers[$kind]) }}" @endif
  @if ($setting === $main) data-main @endif data-reach="{{ $setting->path }}"
  @if ($setting->type instanceof TextType && $bench->edits() && ColoredText::plain((string) $value) === $value) data-words="{{ $setting->path }}" data-most="{{ $setting->type->max }}" @endif>
  <span @class([$key, 'invisible' => ! $loop->first]) aria-hidden="true">{{ $offers[$kind] }}</span> <b>{{ $kind === 'target' ? 'link' : $kind }}</b>
  <span class="truncate">@if ($setting->type instanceof ColorType)<x-swatch class="inline-block align-[-3px]" :colors="[$look->text($setting->path)]" w="16"/> @endif
    {{ $kind === 'words' ? ColoredText::plain((string) $value) : ($setting->part === $part ? Parts::labelWithin($setting) : $setting->label) }} @if ($kind !== 'words' && $kind !== 'color')<span
      class="text-ink-2">{{ $setting->describe($value) }}</span>@endif</span></a>
@endforeach
@endif
@endforeach
@php($ofPart = $thing->byKind['part'][0] ?? $bench->catalog()->ofPart($part)[0] ?? null)
{{-- What is offered above already is not offered again as the part's. --}}
@php($isOffered = in_array($ofPart, array_merge(...array_values(array_intersect_key($thing->byKind, $offers)) ?: [[]]), true))
@if ($ofPart !== null && ! $isOffered)
<a @class([$row, 'chosen' => $ofPart === $main]) href="{{ $bench->addressOfSetting($ofPart->path) }}" data-offer data-key="t" @if ($ofPart === $main) data-main @endif data-reach="{{ $ofPart->path }}">
  <span class="{{ $key }}" aria-hidden="true">T</span> <b>part</b> <span class="truncate">{{ Parts::label($ofPart->part) }} <span class="text-ink-2">{{ Parts::labelWithin($ofPart) }}</span></span></a>
@elseif ($ofPart === null && $main === null)
<p class="px-2 py-1.25 text-ink-2">Nothing of its own: it takes all from the theme.</p>
@endif
@php($wearer = $thing->wearer($look, $bench->snapshot->theme()))
@if ($wearer !== null && $bench->edits() && ! isset($bench->departures()[$look->text($wearer->path)]))
@php($role = SettingPath::of(($thing->byKind['color'][0] ?? null)?->path ?? '')->role)
<p class="border-t border-thread px-2 py-1 text-[12px]"><button type="button" class="act" data-key="o" title="Key O" hx-post="{{ $bench->address('schemes/depart') }}"
  hx-vals="{{ json_encode(['path' => $wearer->path, 'role' => $role]) }}">Colors of its own: {{ SchemeUses::wearer($wearer) }}</button></p>
@endif
@if ($place !== null && $bench->edits())
@php($isOn = $bench->isOn($place->switchPath()))
<div class="flex flex-wrap items-center gap-x-3 gap-y-0.5 border-t border-thread px-2 py-1 text-[12px]">
  <span class="text-ink-2">{{ $place->at + 1 }} of {{ count($place->names) }}</span>
  @if ($place->moved(-1) !== null)<x-edit :$bench :path="$place->list->path" :value="$place->moved(-1)" data-key="b" title="Key B">before</x-edit>@endif
  @if ($place->moved(1) !== null)<x-edit :$bench :path="$place->list->path" :value="$place->moved(1)" data-key="a" title="Key A">after</x-edit>@endif
  <x-edit :$bench :path="$place->switchPath()" :value="$isOn ? 'off' : 'on'" data-key="h" title="Key H">{{ $isOn ? 'hide' : 'show' }}</x-edit>
  <x-edit :$bench :path="$place->list->path" :value="$place->without()" data-key="delete" title="Key Delete">delete</x-edit>
</div>
@endif
<p class="flex gap-3 border-t border-ink-1 px-2 py-1 text-[11px] text-ink-2"><span>Enter opens</span> <span>arrows: what is around</span> <span>Esc lets go</span></p>
