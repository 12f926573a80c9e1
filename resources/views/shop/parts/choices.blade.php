{{-- What can be chosen of a product; the script says what each way costs and which are not there, and the shop checks it without. --}}
@php($ways = $product->ways())
@if ($ways->areThere())
@php($there = array_filter($ways->every(), fn (string $w): bool => $product->left($w) !== 0))
@php($first = explode(Ikat\Core\Store\Variant::BETWEEN, reset($there) ?: ''))
@php($told = collect($ways->every())->mapWithKeys(fn (string $w): array => [$w => [
    $product->left($w) === 0 ? 0 : min(99, $product->left($w) ?? 99), $shop->price($product->priceOf($w)->at($shop->moment)), $shop->price($product->priceOf($w)->regular),
    $shownBy[$w] ?? null,
]]))
<div class="choices" data-ways="{{ $told->toJson() }}" data-between="{{ Ikat\Core\Store\Variant::BETWEEN }}">
@foreach ($ways->options as $name => $values)
<fieldset class="options"><legend class="field-label">{{ $shop->say($name) }}</legend>
  @foreach ($values as $value)<label class="option"><input type="radio" name="choice[{{ $loop->parent->index }}]" value="{{ $value }}" required
    @checked($value === ($first[$loop->parent->index] ?? ''))><span>{{ $shop->say($value) }}</span></label>@endforeach
</fieldset>
@endforeach
</div>
@endif
