@php($picture = $panel->record()->picture())
@php($shown = App\Pictures\ShopPicture::of($picture))
@php($of = fn (string $key) => $kind->column($key))
@php($files = count($picture->widths) * (1 + count($picture->formats ?? [])))
<x-tool id="t-picture" title="Picture" :note="$picture->width.' by '.$picture->height.' px, '.number_format($row['kilobytes']).' kB in '.$files.' files'">
  @if ($edits)
  <form id="form-crop" hx-post="{{ $bench->address("storeroom/pictures/$id/crop") }}" data-crop>
    <div class="crop-board relative" data-crop-board>
      <img class="block h-auto w-full" src="{{ $shown->address($picture->widths[min(1, count($picture->widths) - 1)]) }}" alt="{{ $picture->alt }}" width="{{ $picture->width }}"
        height="{{ $picture->height }}" draggable="false">
      <svg class="crop-box absolute inset-0 size-full" viewBox="0 0 100 100" preserveAspectRatio="none" data-drawing aria-hidden="true"><path class="crop-shade" fill-rule="evenodd"/><rect
        class="crop-frame"/></svg>
      @foreach (['left', 'top', 'right', 'bottom'] as $side)<span class="crop-side is-{{ $side }}" role="slider" tabindex="0" data-side="{{ $side }}" aria-label="Cut from the {{ $side }}"
        aria-orientation="{{ in_array($side, ['left', 'right'], true) ? 'horizontal' : 'vertical' }}" aria-valuemin="0" aria-valuemax="95" aria-valuenow="0" aria-valuetext="nothing"></span><input
        type="hidden" name="{{ $side }}" value="0">@endforeach
    </div>
    <p class="flex items-center gap-3 pt-1" data-crop-told hidden><span class="text-ink-2" data-width="{{ $picture->width }}" data-height="{{ $picture->height }}"></span> <button class="act">Cut it
      everywhere</button> <button type="reset" class="act">Leave it whole</button></p>
    <p class="pt-1 text-ink-2" data-crop-hint>Drag a side in, or move it by arrow keys, to cut the picture everywhere it stands.</p>
  </form>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1 pt-1">
    <form hx-post="{{ $bench->address("storeroom/pictures/$id/file") }}" hx-encoding="multipart/form-data" hx-trigger="change"><label class="act cursor-pointer">Put another file in its place<input
      type="file" name="file" class="sr-only" accept="image/png,image/jpeg,image/webp,image/gif,image/avif,image/svg+xml"></label></form>
    @if ($picture->before !== null)<form hx-post="{{ $bench->address("storeroom/pictures/$id/back") }}"><button class="act">Bring the earlier file back</button></form>@endif
  </div>
  @else
  <img class="block h-auto w-full" src="{{ $shown->address($picture->widths[min(1, count($picture->widths) - 1)]) }}" alt="{{ $picture->alt }}" width="{{ $picture->width }}"
    height="{{ $picture->height }}">
  @endif
</x-tool>
<x-tool id="t-focus" title="What must stay in sight" note="wherever it is cut to another form">
  <div class="flex gap-3">
    <div class="focus-board relative flex-1 self-start {{ $edits ? 'cursor-crosshair' : '' }}" @if ($edits) data-focus-board data-record="{{ $id }}" data-x="{{ $row['focus_x'] }}"
      data-y="{{ $row['focus_y'] }}" @endif>
      <img class="block h-auto w-full" src="{{ $shown->address($picture->widths[0]) }}" alt="" width="{{ $picture->width }}" height="{{ $picture->height }}" draggable="false">
      <svg class="pointer-events-none absolute inset-0 size-full" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true"><path class="focus-lines" data-drawing
        d="M{{ $row['focus_x'] }} 0V100M0 {{ $row['focus_y'] }}H100"/></svg></div>
    <div class="grid w-32 content-start gap-1" role="img" aria-label="The picture as a wide banner, a square and an upright form">
      @foreach ([[128, 43], [60, 60], [48, 80]] as [$w, $h])
      @php($scale = max($w / $picture->width, $h / $picture->height))
      @php([$wide, $high] = [$picture->width * $scale, $picture->height * $scale])
      <svg class="block border border-thread" width="{{ $w }}" height="{{ $h }}" viewBox="0 0 {{ $w }} {{ $h }}"><image href="{{ $shown->address($picture->widths[0]) }}"
        x="{{ round(($w - $wide) * $row['focus_x'] / 100, 2) }}" y="{{ round(($h - $high) * $row['focus_y'] / 100, 2) }}" width="{{ round($wide, 2) }}" height="{{ round($high, 2) }}"/></svg>
      @endforeach
    </div>
  </div>
  <div class="grid grid-cols-2 gap-x-2">@foreach (['focus_x', 'focus_y'] as $key)@include('workbench.storeroom.control', ['column' => $of($key)])@endforeach</div>
</x-tool>
<x-tool id="t-words" title="Name and words" :note="$row['alt'] === '' ? 'those who cannot see it hear nothing' : mb_strlen($row['alt']).' letters'">
  @foreach (['title', 'alt'] as $key)@include('workbench.storeroom.control', ['column' => $of($key)])@endforeach
</x-tool>
@php($uses = $panel->record()->uses())
<x-tool id="t-uses" title="Where it stands" :note="$uses === [] ? 'nowhere' : ''">
  <ul class="grid gap-0.5">@foreach ($uses as [$label, $address])<li><a class="act font-normal" href="{{ $address }}" data-open>{{ $label }}</a></li>@endforeach</ul>
</x-tool>
