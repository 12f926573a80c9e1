@if ($shop->on('product.facts') && $product->facts !== [])<dl class="facts"
  data-from="product.facts">@foreach ($product->facts as $name => $fact)<dt>{{ $shop->say($name) }}</dt><dd>{{ $shop->say($fact) }}</dd>@endforeach</dl>@endif
