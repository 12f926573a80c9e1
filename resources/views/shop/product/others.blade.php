@if ($others->isNotEmpty())
<section class="band {{ $shop->mayWear('product.others.scheme') }}" data-from="product.others product.others.scheme product.others.by product.others.count"
  aria-labelledby="others"><div class="frame"><div class="band-head"><h2
  id="others"><x-say :shop="$shop" k="others"/></h2></div>@include('shop.parts.shelf', ['products' => $others, 'onward' => $product->category === null ? null
    : ['/category/'.$product->category->slug, $shop->say('On to :name', ['name' => $shop->say($product->category->name)])]])</div></section>
@endif
