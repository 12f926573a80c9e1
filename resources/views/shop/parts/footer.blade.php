<footer class="footer {{ $shop->wears('footer.scheme') }}" data-part="footer">
  <div class="frame">
    <div class="footer-blocks" data-from="footer.blocks">
      @foreach ($shop->items('footer.blocks', 'block') as $block)
      <div class="footer-block {{ $block->cssClass() }} {{ $shop->mayWear($block->path('scheme')) }}" data-part="block-{{ $block->name() }}"
        data-from="{{ $block->path('show') }} {{ $block->path('scheme') }}">@include("shop.blocks.$block->kind")</div>
      @endforeach
    </div>
    @if ($shop->on('footer.logo'))<div class="footer-logo" data-from="footer.logo">@include('shop.parts.logo', ['on' => 'footer.scheme'])</div>@endif
    <div class="footer-end">
      <p>{{ $shop->text('header.logo.name') }} {{ $shop->words('header.logo.line') }}</p>
      @if ($shop->on('footer.credit'))<p data-from="footer.credit">{{ $shop->say('Dressed with Ikat') }}</p>@endif
    </div>
  </div>
</footer>
