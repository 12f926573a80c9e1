@if ($problem !== '')<p class="message message-problem" role="alert">{{ $shop->say($problem) }}</p>@endif
@if ($product->isSoldOut())
<p class="message message-notice"><x-say :shop="$shop" k="gone.words"/></p>
<button class="button" disabled><x-say :shop="$shop" k="gone"/></button>
@else
<form @class(['buy', 'is-wide' => $shop->on('product.button.wide')]) method="post" action="{{ $shop->address('/cart/add') }}" data-from="product.button.wide product.quantity">
  <input type="hidden" name="product" value="{{ $product->slug }}">
  @include('shop.parts.choices')
  @unless ($shop->off('product.quantity'))<div class="field"><label for="quantity"><x-say :shop="$shop" k="quantity"/></label><input class="input" id="quantity" name="quantity" type="number"
    inputmode="numeric" min="1" max="{{ min(99, $product->stock ?? 99) }}" value="1" required></div>@endunless
  <div @class(['buy-end', 'at-foot' => $shop->on('product.button.stays')]) data-from="product.button.stays">
    <button class="button {{ $shop->colors('product.button.scheme') }}" data-from="product.button.scheme product.button.form"><x-say :shop="$shop" k="add"/></button>
    @if ($shop->on('product.now'))<button class="quiet-button" name="now" value="1" data-from="product.now"><x-say :shop="$shop" k="now"/></button>@endif
  </div>
</form>
@endif
