@use('Ikat\Core\Setting\Setting')
@php($samples = $panel->samples())
@php($edits = $bench->edits())
@php($handle = fn (string $path) => new Illuminate\View\ComponentAttributeBag(['role' => 'slider', 'tabindex' => 0, ...$panel->handle($path)]))
@php($picture = $panel->picture())
<div class="pieces scheme-{{ $panel->scheme() }}" role="group" data-pieces aria-label="Pieces of the shop at their real size">
  <div class="piece-row">
    <div class="piece"><span class="piece-button" data-piece="button">{{ $samples->words['button'] }}
      @if ($edits)<span class="grip grip-across" {{ $handle('shape.inset.across') }} data-way="across"></span><span class="grip grip-down" {{ $handle('shape.inset.down') }}
        data-way="down"></span>@endif</span>
      <span class="piece-words" data-figure="height">at rest, {{ Setting::plainNumber(round($panel->buttonHeight('desktop'), 1)) }} px high</span></div>
    <div class="piece"><span class="piece-button is-pointed">{{ $samples->words['button'] }}</span><span class="piece-words">pointed at</span></div>
    <div class="piece"><span class="piece-button is-focused">{{ $samples->words['button'] }}</span><span
      class="piece-words">in focus, its ring {{ floor($panel->contrast('focus') * 10) / 10 }} : 1</span></div>
    <div class="piece"><span class="piece-button is-quiet">{{ $panel->look()->text('say.add') }}</span><span class="piece-words">a quiet one</span></div>
  </div>
  <div class="piece-row">
    <div class="piece"><span class="piece-label">E-mail</span><span class="piece-field" data-piece="field">ada@example.org
      @if ($edits)<span class="grip grip-edge" {{ $handle('shape.border') }} data-way="edge"></span>@endif</span>
      <span class="piece-words">a field, its edge {{ floor($panel->contrast('field-line') * 10) / 10 }} : 1</span></div>
    <div class="piece"><span class="piece-card"><span class="piece-picture" data-piece="picture">@if ($picture)<img src="{{ $picture->sharpest() }}" alt="" width="{{ $picture->width }}"
      height="{{ $picture->height }}">@endif
      <span class="piece-tag">{{ $samples->words['label'] }}</span>
      @if ($edits)<span class="grip grip-corner" {{ $handle('shape.radius') }} data-way="corner"></span>@endif</span>
      <span class="piece-name">{{ $samples->words['third'] }}</span><span class="piece-price">{{ $samples->words['price'] }}</span></span>
      <span class="piece-words">a card</span></div>
    <div class="piece"><span class="piece-link">{{ $samples->words['menu'] }}</span><span class="piece-words">a link</span></div>
  </div>
</div>
