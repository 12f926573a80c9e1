@php($edits = $bench->edits())
@php($query = $setting ? '?for='.urlencode($setting->path) : '')
<div class="library-head"><h2 id="library-title">{{ $setting ? 'A picture for: '.$setting->label : 'Pictures of the store' }}</h2><button type="button" class="act" data-close-library>Close</button></div>
@foreach ($tasks as $task)
@include('workbench.library.task', ['look' => $bench->look, 'for' => $setting?->path ?? ''])
@endforeach
<div class="library-body">
  <div class="library-shelf">
  @php($more = fn (int $to): string => $bench->address('pictures').'?'.http_build_query(['for' => $setting?->path, 'find' => $asked, 'page' => $to]))
  @if ($asked !== '' || $page > 1 || ! $isLast)
  <form class="library-find" hx-get="{{ $bench->address('pictures') }}" hx-target="#library-content" hx-trigger="submit"><input type="hidden" name="for" value="{{ $setting?->path }}"><input class="entry" type="search" name="find" value="{{ $asked }}" aria-label="Find a picture by its words" placeholder="Find by its words"><button class="act">Find</button></form>
  @endif
  @if ($pictures->isEmpty())<p class="unmet">{{ $asked === '' ? 'No picture yet.' : "No picture is described as “{$asked}”." }}</p>@endif
  <ul class="library-list" aria-label="Pictures">
    @foreach ($pictures as $picture)
    @php($shown = App\Pictures\ShopPicture::of($picture))
    <li @class(['is-open' => $open?->id === $picture->id])>
      <button type="button" class="library-thumb" hx-get="{{ $bench->address('pictures') }}?{{ http_build_query(['for' => $setting?->path, 'find' => $asked, 'page' => $page, 'open' => $picture->id]) }}" hx-target="#library-content" aria-label="{{ $picture->alt }}" @if ($open?->id === $picture->id) aria-current="true" @endif><img src="{{ $shown->smallest() }}" alt="" width="104" height="72" loading="lazy"></button>
    </li>
    @endforeach
  </ul>
  @if ($page > 1 || ! $isLast)<p class="row-acts">@if ($page > 1)<button type="button" class="act" hx-get="{{ $more($page - 1) }}" hx-target="#library-content">Newer</button>@endif @unless ($isLast)<button type="button" class="act" hx-get="{{ $more($page + 1) }}" hx-target="#library-content">Older</button>@endunless</p>@endif
  </div>
  <div class="library-side">
    @if ($open)
    @php($shown = App\Pictures\ShopPicture::of($open))
    <section aria-labelledby="library-open"><h3 id="library-open">{{ $open->alt }}</h3>
      <div class="focus-board" @if ($edits) data-focus-board @endif><img src="{{ $shown->address($open->widths[min(1, count($open->widths) - 1)]) }}" alt="{{ $open->alt }}" width="{{ $open->width }}" height="{{ $open->height }}"><svg aria-hidden="true" width="24" height="24" viewBox="0 0 24 24" data-focus-mark data-x="{{ $open->focus_x }}" data-y="{{ $open->focus_y }}"><rect x="2" y="2" width="20" height="20" fill="none" stroke="#fff" stroke-width="4"/><rect x="2" y="2" width="20" height="20" fill="none" stroke="#1f4a7a" stroke-width="2"/></svg></div>
      <p class="library-facts">{{ $open->width }} by {{ $open->height }} pixels, {{ number_format($open->bytes / 1000) }} KB in {{ count($open->widths) * (1 + count($open->formats ?? [])) }} files</p>
      @if ($edits)
      @if ($setting)<form hx-post="{{ $bench->address('edits') }}" data-choose><input type="hidden" name="path" value="{{ $setting->path }}"><input type="hidden" name="value" value="{{ $setting->type instanceof Ikat\Core\Setting\Type\PicksType ? trim($bench->inspection()->look->text($setting->path).','.$open->name, ',') : $open->name }}"><button class="publish">Use this picture</button></form>@endif
      <form class="library-form" hx-post="{{ $bench->address("pictures/$open->id") }}{{ $query }}" hx-target="#library-content">
        <label for="library-alt">In words, for those who cannot see it</label><input class="entry" id="library-alt" name="alt" value="{{ $open->alt }}" maxlength="160" required>
        <label for="focus-x">What must stay in sight, from the left <output>{{ $open->focus_x }}%</output></label><input type="range" id="focus-x" name="focus_x" min="0" max="100" step="5" value="{{ $open->focus_x }}">
        <label for="focus-y">and from the top <output>{{ $open->focus_y }}%</output></label><input type="range" id="focus-y" name="focus_y" min="0" max="100" step="5" value="{{ $open->focus_y }}">
        <button class="act">Keep</button>
      </form>
      <form class="library-form" hx-post="{{ $bench->address("pictures/$open->id/file") }}{{ $query }}" hx-encoding="multipart/form-data" hx-target="#library-content" hx-indicator="#library-busy">
        <label for="library-replace">Put another file in its place, everywhere</label><input id="library-replace" type="file" name="file" accept="image/png,image/jpeg,image/webp,image/gif,image/avif,image/svg+xml" required><button class="act">Replace</button>
      </form>
      @if ($open->before !== null)<form hx-post="{{ $bench->address("pictures/$open->id/back") }}{{ $query }}" hx-target="#library-content"><button class="act">Bring the earlier file back</button></form>@endif
      @endif
    </section>
    @else
    <p class="library-hint">Choose a picture to see it large{{ $setting ? ' and use it' : '' }}.</p>
    @endif
    @if ($edits)
    <section aria-labelledby="library-add"><h3 id="library-add">Add a picture</h3>
      <form class="library-form" hx-post="{{ $bench->address('pictures') }}{{ $query }}" hx-encoding="multipart/form-data" hx-target="#library-content" hx-indicator="#library-busy">
        <label for="library-file">File: PNG, JPEG, WebP, GIF, AVIF or SVG, up to 12 MB</label><input id="library-file" type="file" name="file" accept="image/png,image/jpeg,image/webp,image/gif,image/avif,image/svg+xml" required>
        <label for="library-new-alt">In words, for those who cannot see it</label><input class="entry" id="library-new-alt" name="alt" maxlength="160" required>
        <button class="act">Add it</button>
      </form>
      <p id="library-busy" class="library-busy" role="status"><progress aria-label="Making the sizes"></progress> Making the sizes…</p>
    </section>
    @endif
  </div>
</div>
