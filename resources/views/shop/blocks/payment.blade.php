@include('shop.blocks.heading')
<ul class="marks">@foreach ($shop->marks($block) as $key => [$words, $icon])<li data-from="{{ $block->path($key) }}"><x-icon :name="$icon"/> {{ $shop->say($words) }}</li>@endforeach</ul>
