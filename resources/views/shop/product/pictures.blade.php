{{-- All pictures and the film: one under another, side by side, or in a strip that small pictures and arrows go through. --}}
@php($way = $shop->text('product.pictures'))
@php($where = $product->video === null && $product->film_elsewhere === null ? 'none' : $shop->text('product.video'))
@php($films = $where === 'none' ? 0 : (int) ($product->video !== null) + (int) ($product->film_elsewhere !== null))
@php($several = count($pictures) + $films > 1)
@php($thumbs = $way === 'strip' && $several && count($pictures) > 1 ? ($shop->text('product.thumbs') ?: 'none') : 'none')
@php($name = $shop->say($product->name))
<div class="product-gallery thumbs-{{ $thumbs }}" data-from="product.thumbs product.pictures">
  <div class="product-pictures pictures-{{ $way }} {{ $several ? 'several' : '' }}" data-from="product.pictures product.video"
    @if ($way === 'strip' && $several) tabindex="0" role="region" aria-label="{{ $shop->say('Pictures of :name', ['name' => $name]) }}" @endif>
    @includeWhen($where === 'first', 'shop.product.film')
    @forelse ($pictures as $picture)
    <div class="product-picture" id="picture-{{ $loop->iteration }}" data-picture="{{ $loop->index }}">@if ($shop->on('product.zoom'))<a class="closer" href="{{ $picture->address() }}"
      data-from="product.zoom"
      aria-label="{{ $shop->say('Look closer: :name, :number', ['name' => $name, 'number' => $loop->iteration]) }}"><x-shop::picture :shop="$shop" :picture="$picture" :eager="$loop->first"
      sizes="(max-width: 759px) 92vw, 58vw"/></a>@else<x-shop::picture :shop="$shop" :picture="$picture" :eager="$loop->first" sizes="(max-width: 759px) 92vw, 58vw"/>@endif</div>
    @empty
    <div class="product-picture"><p class="no-picture"><x-say :shop="$shop" k="picture.none"/></p></div>
    @endforelse
    @includeWhen($where === 'last', 'shop.product.film')
  </div>
  @if ($thumbs !== 'none')
  <div class="thumbs" data-from="product.thumbs">
    <button class="quiet-button turn" type="button" data-turn="-1" hidden><x-icon name="arrow-left" class="icon runs"/><span class="hidden-words">{{ $shop->say('The picture before') }}</span></button>
    <ul>@foreach ($pictures as $picture)<li><a href="#picture-{{ $loop->iteration }}" @if ($loop->first) aria-current="true" @endif
      aria-label="{{ $shop->say('Picture :number of :name', ['number' => $loop->iteration, 'name' => $name]) }}"><img src="{{ $picture->smallest() }}" alt="" width="64" height="64" loading="lazy"
      decoding="async"></a></li>@endforeach</ul>
    <button class="quiet-button turn" type="button" data-turn="1" hidden><x-icon name="arrow-right" class="icon runs"/><span class="hidden-words">{{ $shop->say('The next picture') }}</span></button>
  </div>
  @endif
</div>
@if ($shop->on('product.zoom') && $pictures !== [])
<dialog class="large" aria-label="{{ $shop->say('Pictures of :name', ['name' => $name]) }}"><form method="dialog"><button class="quiet-button"><x-icon name="x"/><span
  class="hidden-words">{{ $shop->say('Close the picture') }}</span></button></form><img alt="" width="16" height="16"></dialog>
@endif
