<nav aria-label="{{ $shop->text($block->path('heading')) ?: 'Policies' }}">@include('shop.blocks.heading')<ul>@foreach ($shop->policies() as $policy)<li><a
  href="{{ $shop->address("/page/$policy->slug") }}">{{ $policy->title }}</a></li>@endforeach</ul></nav>
