{{-- Every further page is a link; the script brings what it leads to onto this one where that is asked for. --}}
@php($way = $shop->text('grid.paging'))
@php($page = fn (int $n): string => '?'.http_build_query([...$asked, 'page' => $n]))
@php([$here, $last] = [$products->currentPage(), $products->lastPage()])
<nav class="paging" aria-label="{{ $shop->say('Pages') }}" data-from="grid.count grid.paging" @if ($way === 'more' || $way === 'scroll') data-brings="{{ $way }}" @endif>
  @if ($here > 1)<a class="quiet-button" rel="prev" href="{{ $page($here - 1) }}">{{ $shop->say('Earlier') }}</a>@endif
  @if ($way === 'numbers')
  <ol class="numbers">@foreach (Ikat\Core\Grid\PageNumbers::near($here, $last) as $number)<li>@if ($number === null)<span aria-hidden="true">…</span>@elseif ($number === $here)<b
    class="number" aria-current="page">{{ $number }}</b>@else<a class="quiet-button number" href="{{ $page($number) }}"><span
    class="hidden-words">{{ $shop->say('Page') }} </span>{{ $number }}</a>@endif</li>@endforeach</ol>
  @else
  <p class="soft" data-pages>{{ $shop->say('Page :page of :last', ['page' => $here, 'last' => $last]) }}</p>
  @endif
  @if ($here < $last)<a class="quiet-button" rel="next" href="{{ $page($here + 1) }}">{{ $shop->say('More') }}</a>@endif
</nav>
