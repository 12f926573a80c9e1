<nav aria-label="{{ $shop->words($block->path('heading')) ?: $shop->say('Policies') }}">@include('shop.blocks.heading')<ul>@foreach ($shop->policies() as $policy)<li><a
  href="{{ $shop->address("/page/$policy->slug") }}">{{ $shop->say($policy->title) }}</a></li>@endforeach</ul></nav>
