@if ($shop->on('product.save'))<form class="save" method="post" action="{{ $shop->address('/saved') }}" data-from="product.save"><input type="hidden" name="product"
  value="{{ $product->slug }}"><button class="plain-button"><x-icon name="heart"/> <x-say :shop="$shop" k="save"/></button></form>@endif
