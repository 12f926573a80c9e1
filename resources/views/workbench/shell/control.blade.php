@use('Ikat\Core\Check\StoreContents')
@use('Ikat\Core\Setting\Catalog\Parts')
@use('Ikat\Core\Setting\ColoredText')
@use('Ikat\Core\Setting\Type\ColorType')
@use('Ikat\Core\Setting\Type\PicksType')
@use('Ikat\Core\Setting\Type\PictureType')
@use('Ikat\Core\Setting\Type\TargetType')
@use('Ikat\Core\Setting\Type\TextType')
@php($id = 'c-'.str_replace('.', '-', $setting->path))
@php($type = $setting->type::name())
@php($value = $resolution->value)
@php($catalog = $bench->catalog())
@php($searched = $setting->type instanceof PicksType ? $setting->type->kind : ($setting->type instanceof TargetType && ! $setting->type->isWeb ? 'target' : null))
@php($label = Parts::labelWithin($setting))
@php($change = $resolution->unmet?->change($catalog))
@php($over = App\Workbench\Shell\StoreroomDoor::of($setting, $value))
<div @class(['control relative flex items-end gap-2.5 py-1.25', 'is-idle text-ink-2' => $resolution->unmet !== null]) data-reach="{{ $setting->path }}">
@if (! $edits)
{{-- Whoever may only look sees what is set, not fields that do nothing. --}}
<p class="value grid w-full grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)] gap-2.5" id="{{ $id }}" tabindex="-1"><span class="text-ink-2">{{ $label }}</span>
  <span class="min-w-0 break-words">@if ($setting->type instanceof ColorType)<x-swatch class="mr-1 inline-block align-[-3px]" :colors="[$value]" w="16"/>@endif
    @if ($setting->type instanceof PictureType && $bench->picture($value))<img class="mr-1 inline-block h-7 w-10 object-contain" src="{{ $bench->picture($value)->smallest() }}" alt="" width="40"
      height="28">@endif {{ $setting->type instanceof TextType ? ColoredText::plain($value) : $setting->describe($value) }}</span></p>
@else
@if ($searched !== null && $bench->store->hasMore($searched))
<input class="entry" type="search" name="q" autocomplete="off" placeholder="Find by name" aria-label="Find what to offer in {{ $setting->label }}"
  hx-get="{{ $bench->address('offers') }}?kind={{ $searched }}" hx-trigger="input changed delay:150ms" hx-target="#{{ $id }}" hx-swap="innerHTML">
@endif
<form class="grid min-w-0 flex-1 gap-0.5" hx-post="{{ $bench->address('edits') }}" hx-trigger="change, submit" hx-sync="this:drop" id="f-{{ $id }}">
  <input type="hidden" name="path" value="{{ $setting->path }}">
  @include("workbench.shell.fields.$type")
  @if ($resolution->unmet !== null)
  <p class="text-[12px] text-ink-2">{{ ucfirst($resolution->unmet->reason($catalog, $bench->inspection()->look->value($resolution->unmet->path))) }}.
    @if ($change !== null)<x-edit :$bench :path="$resolution->unmet->path" :value="$change['value']" hx-trigger="click">{{ $change['words'] }}</x-edit>@else
    <a class="act" href="{{ $bench->addressOfSetting($resolution->unmet->path) }}" data-open>Choose another font</a>@endif</p>
  @endif
  @if (str_ends_with($setting->path, 'chooser') && $bench->inspection()->get(StoreContents::class)->countries < 2
    && count($bench->look->storefront->speaks()) < 2)
  <p class="text-[12px] text-ink-2">The store sells to one country in one language, so there is nothing to choose and nothing is shown.</p>
  @endif
</form>
@if ($over !== null)<button type="button" class="act flex-none self-end pb-1" id="over-{{ $id }}" data-over="{{ http_build_query($over) }}"
  aria-label="{{ $label }}: open it in the Storeroom">Storeroom</button>@endif
@if ($bench->isOwn($setting->path))
<form class="original absolute top-0.5 right-0" hx-post="{{ $bench->address('edits') }}"><input type="hidden" name="path" value="{{ $setting->path }}"><input type="hidden" name="original" value="1">
  <button class="act" aria-label="Reset: {{ $setting->label }}" title="Back to the original">reset</button></form>
@endif
@endif
</div>
