@php($poster = $product->picture === null ? null : App\Pictures\ShopPicture::of($product->picture)->address())
@if ($product->video !== null)
<div class="product-picture film" data-from="product.video"><video src="{{ $product->video }}" width="640" height="550" controls loop muted playsinline preload="none"
  @if ($poster !== null) poster="{{ $poster }}" @endif
  aria-label="{{ $shop->say(':name, a short film without sound', ['name' => $shop->say($product->name)]) }}"></video>@if ($filmBytes !== null)<p
  class="small film-note">{{ $shop->say('A film of :size', ['size' => Illuminate\Support\Number::fileSize($filmBytes, 1)]) }}</p>@endif</div>
@endif
@if ($product->film_elsewhere !== null)
<div class="product-picture film" data-from="product.video">@if ($poster !== null)<img src="{{ $poster }}" alt="" loading="lazy" width="640" height="550">@endif<p class="small film-note"><a
  href="{{ $product->film_elsewhere }}" target="_blank"
  rel="noopener noreferrer">{{ $shop->say('A film on :host, shown there', ['host' => (string) parse_url($product->film_elsewhere, PHP_URL_HOST)]) }}</a></p></div>
@endif
