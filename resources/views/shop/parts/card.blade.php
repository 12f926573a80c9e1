@php($pictures = App\Pictures\ShopPicture::ofProduct($product))
@php($hover = $shop->text('card.hover'))
@php($proportion = $shop->arranged() === '' || $pictures === [] ? null : $pictures[0]->proportion())
@php($own = $proportion === null ? '' : ' '.Ikat\Core\Grid\Proportion::class($proportion))
@php($sizes = $shop->pictureSizes($proportion === null || $shop->arranged() !== 'arrange-rows' ? null : Ikat\Core\Grid\Proportion::own($proportion)))
@php($cutOut = ($pictures[0] ?? null)?->isCutOut ?? false)
<li class="card {{ $shop->mayWear('card.scheme') }}{{ $own }}" data-part="card" data-from="card.order">
  <div @class(["card-picture hover-$hover", 'labels-'.$shop->text('card.label.form'), $cutOut ? $shop->groundOfCutOuts() : ''])
    data-from="card.label.form card.hover{{ $cutOut ? ' card.ground card.shadow' : '' }}">
    @if ($pictures !== [])
    <x-shop::picture :shop="$shop" :picture="$pictures[0]" :class="$cutOut ? 'cut-out' : ''" :eager="$eager ?? false" :sizes="$sizes"/>
    @if ($hover === 'second' && isset($pictures[1]))<x-shop::picture :shop="$shop" :picture="$pictures[1]" alt="" class="card-second"
      :sizes="$sizes"/>@endif
    @else
    {{-- A label says enough, and has the room to itself. --}}
    <span class="no-picture">@unless ($shop->on('card.label') && $shop->labels($product) !== [])<x-say :shop="$shop" k="picture.none"/>@endunless</span>
    @endif
    @if ($shop->on('card.label'))@include('shop.parts.labels')@endif
  </div>
  @php($most = $shop->text('card.name.lines'))
  @foreach (Ikat\Core\Grid\CardLines::of($shop->text('card.order')) as $line)
  @switch ($line)
  @case ('name')
  <h3 data-from="card.name.lines" @class(['card-name', "at-most-$most" => ! in_array($most, ['', 'all'], true)])><a href="{{ $shop->address('/product/'.$product->slug) }}">{{
    $shop->say($product->name) }}</a></h3>
  @break
  @case ('note')
  @if ($shop->on('card.note') && $product->note !== '')<p class="soft small" data-from="card.note">{{ $shop->say($product->note) }}</p>@endif
  @break
  @case ('price')
  @if ($shop->on('card.price'))<p class="card-price" data-from="card.price">@include('shop.parts.price')</p>@endif
  @break
  @case ('rating')
  @if ($shop->on('card.rating'))@include('shop.parts.stars')@endif
  @break
  @case ('button')
  @if ($shop->on('card.button') && $product->ways()->areThere() && ! $product->isSoldOut())<p class="card-button" data-from="card.button"><a class="quiet-button"
    href="{{ $shop->address('/product/'.$product->slug) }}"><x-say :shop="$shop" k="choose"/><span
      class="hidden-words">: {{ $shop->say($product->name) }}</span></a></p>@elseif ($shop->on('card.button') && ! $product->isSoldOut())<form class="card-button" method="post"
      action="{{ $shop->address('/cart/add') }}" data-from="card.button"><input type="hidden"
    name="product" value="{{ $product->slug }}"><button class="quiet-button">{{ $shop->words('say.add') }}<span class="hidden-words">: {{ $shop->say($product->name) }}</span></button></form>@endif
  @break
  @endswitch
  @endforeach
</li>
