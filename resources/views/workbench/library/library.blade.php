@use('App\Pictures\ShopPicture')
@use('Ikat\Core\Setting\Type\PicksType')
@php($edits = $bench->edits())
@php($pictureFor = $setting?->path)
@php($query = $pictureFor ? '?for='.urlencode($pictureFor) : '')
@php($shelf = fn (array $more): string => $bench->address('pictures').'?'.http_build_query(['for' => $pictureFor, 'find' => $asked, ...$more]))
@php($accepted = 'image/png,image/jpeg,image/webp,image/gif,image/avif,image/svg+xml')
<div class="flex items-baseline justify-between border-b border-edge px-4 py-2.5">
  <h2 class="font-title text-[17px]/5.5 font-semibold" id="library-title">{{ $setting ? 'A picture for: '.$setting->label : 'Pictures of the store' }}</h2> <span
    class="library-hint text-ink-2">drag one to where it shall stand, or choose it</span><button type="button" class="act"
    data-close-library>Close</button></div>
@foreach ($tasks as $task)
@include('workbench.library.task', ['look' => $bench->look, 'for' => $pictureFor ?? ''])
@endforeach
<div class="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_340px]">
  <div class="overflow-y-auto px-4 py-3">
    @if ($asked !== '' || $page > 1 || ! $isLast)
    <form class="library-find mb-2 flex gap-2.5" hx-get="{{ $bench->address('pictures') }}" hx-target="#library-content" hx-trigger="submit"><input type="hidden" name="for" value="{{ $pictureFor }}">
      <input class="entry" type="search" name="find" value="{{ $asked }}" aria-label="Find a picture by its words" placeholder="Find by its words"><button class="act">Find</button></form>
    @endif
    @if ($pictures->isEmpty())<p class="text-[12px] text-ink-2">{{ $asked === '' ? 'No picture yet.' : "No picture is described as “{$asked}”." }}</p>@endif
    <ul class="library-list grid grid-cols-[repeat(auto-fill,minmax(104px,1fr))] content-start gap-2" aria-label="Pictures">
      @foreach ($pictures as $picture)
      @php($isOpen = $open?->id === $picture->id)
      <li><button type="button" class="library-thumb block w-full cursor-pointer" hx-get="{{ $shelf(['page' => $page, 'open' => $picture->id]) }}" hx-target="#library-content"
        aria-label="{{ $picture->alt ?: $picture->title }}" draggable="true" data-picture-name="{{ $picture->name }}"
        @if ($isOpen) aria-current="true" @endif><img @class(['h-18 w-full object-cover', 'outline-3 outline-blue' => $isOpen, 'outline outline-thread-2' => ! $isOpen])
          src="{{ ShopPicture::of($picture)->smallest() }}" alt=""
          width="104" height="72" loading="lazy"></button></li>
      @endforeach
    </ul>
    @if ($page > 1 || ! $isLast)
    <p class="flex gap-4 pt-2">@if ($page > 1)<button type="button" class="act" hx-get="{{ $shelf(['page' => $page - 1]) }}" hx-target="#library-content">Newer</button>@endif
      @unless ($isLast)<button type="button" class="act" hx-get="{{ $shelf(['page' => $page + 1]) }}" hx-target="#library-content">Older</button>@endunless</p>
    @endif
  </div>
  <div class="library-side grid content-start gap-4 overflow-y-auto border-l border-edge px-4 py-3">
    @if ($open)
    @php($shown = ShopPicture::of($open))
    <section class="grid gap-2" aria-labelledby="library-open"><h3 class="font-semibold" id="library-open">{{ $open->alt ?: $open->title }}</h3>
      <img class="block h-auto w-full" src="{{ $shown->address($open->widths[min(1, count($open->widths) - 1)]) }}" alt="{{ $open->alt }}" width="{{ $open->width }}"
        height="{{ $open->height }}" draggable="true" data-picture-name="{{ $open->name }}">
      <p class="library-facts text-[12px] text-ink-2">{{ $open->width }} by {{ $open->height }} pixels, {{ number_format($open->bytes / 1000) }} KB
        in {{ count($open->widths) * (1 + count($open->formats ?? [])) }} files</p>
      @if ($edits)
      @if ($setting)
      @php($chosen = $setting->type instanceof PicksType ? trim($bench->inspection()->look->text($setting->path).','.$open->name, ',') : $open->name)
      <form hx-post="{{ $bench->address('edits') }}" data-choose><input type="hidden" name="path" value="{{ $setting->path }}"><input type="hidden" name="value" value="{{ $chosen }}"><button
        class="publish">Use this picture</button></form>
      @else
      <button type="button" class="publish justify-self-start" data-give="{{ $open->name }}">Use this picture</button>
      @endif
      <a class="act justify-self-start" href="{{ $bench->address("storeroom?open_kind=pictures&open_record=$open->id") }}">Name, words, cut and file: in the Storeroom</a>
      @endif
    </section>
    @else
    <p class="text-[12px] text-ink-2">Choose a picture to see it large{{ $setting ? ' and use it' : '' }}.</p>
    @endif
    @if ($edits)
    <section aria-labelledby="library-add"><h3 class="font-semibold" id="library-add">Add a picture</h3>
      <form class="grid justify-items-start gap-1 pt-1.5" hx-post="{{ $bench->address('pictures') }}{{ $query }}" hx-encoding="multipart/form-data" hx-target="#library-content"
        hx-indicator="#library-busy">
        <label for="library-file">File: PNG, JPEG, WebP, GIF, AVIF or SVG, up to 12 MB</label><input id="library-file" type="file" name="file" accept="{{ $accepted }}" required>
        <label for="library-new-alt">In words, for those who cannot see it</label><input class="entry" id="library-new-alt" name="alt" maxlength="160" required>
        <button class="act">Add it</button>
      </form>
      <x-busy id="library-busy" words="Making the sizes"/>
    </section>
    @endif
  </div>
</div>
