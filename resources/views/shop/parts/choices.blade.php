{{-- What can be chosen of a product; the script says what each way costs and which are not there, and the shop checks it without. --}}
@php($ways = $product->ways())
@if ($ways->areThere())
@php($there = array_filter($ways->every(), fn (string $w): bool => $product->left($w) !== 0))
@php($first = explode(Ikat\Core\Store\Variant::BETWEEN, reset($there) ?: ''))
@php($told = collect($ways->every())->mapWithKeys(fn (string $w): array => [$w => [
    $product->left($w) === 0 ? 0 : min(99, $product->left($w) ?? 99), $shop->price($product->priceOf($w)->at($shop->moment)), $shop->price($product->priceOf($w)->regular),
    $shownBy[$w] ?? null,
]]))
@php($form = $shop->text('product.options'))
@php($swatches = $form === 'swatches' ? $product->swatches ?? [] : [])
@php($shownAs = fn (string $value): ?App\Pictures\ShopPicture => $pictures[collect($shownBy)->first(fn ($n,
  string $w) => in_array($value, explode(Ikat\Core\Store\Variant::BETWEEN, $w), true)) ?? -1] ?? null)
<div class="choices" data-ways="{{ $told->toJson() }}" data-between="{{ Ikat\Core\Store\Variant::BETWEEN }}" data-gone="{{ $shop->text('product.gone') }}" data-from="product.options product.gone">
@foreach ($ways->options as $name => $values)
@php($chosen = $first[$loop->index] ?? '')
@if ($form === 'list')
<div class="field" data-option><label for="choice-{{ $loop->index }}">{{ $shop->say($name) }}</label><select class="input" id="choice-{{ $loop->index }}" name="choice[{{ $loop->index }}]"
  required>@foreach ($values as $value)<option class="option" value="{{ $value }}" @selected($value === $chosen)>{{ $shop->say($value) }}</option>@endforeach</select></div>
@else
<fieldset class="options" data-option><legend class="field-label">{{ $shop->say($name) }}</legend>
  @foreach ($values as $value)
  @php($swatch = $swatches[$value] ?? null)
  @php($picture = $form === 'swatches' && $swatch === null ? $shownAs($value) : null)
  <label @class(['option', 'is-swatch' => $swatch !== null || $picture !== null])><input type="radio" name="choice[{{ $loop->parent->index }}]" value="{{ $value }}" required
    @checked($value === $chosen)>@if ($swatch !== null)<svg class="swatch" viewBox="0 0 28 28" width="28" height="28" aria-hidden="true"><rect width="28" height="28" rx="14"
    fill="{{ $swatch }}"/></svg>@elseif ($picture !== null)<img class="swatch" src="{{ $picture->smallest() }}" alt="" width="28" height="28"
      loading="lazy">@endif<span>{{ $shop->say($value) }}</span></label>
  @endforeach
</fieldset>
@endif
@endforeach
</div>
@endif
