<section class="tool" aria-labelledby="s-looks"><h2 id="s-looks">Looks of {{ $look->storefront->name }} <small>one is worked on at a time</small></h2>
  @php($count = $panel->lookCount())
  @if ($count > count($panel->looks()))<form class="rename" hx-get="{{ $start }}" hx-trigger="submit"><label for="looks-asked">{{ $count }} looks; the latest are listed. Find one by its name</label><input class="entry" type="search" id="looks-asked" name="looks" value="{{ $panel->asked('looks') }}"><button class="act">Find</button></form>@endif
  <ul class="item-list">
    @foreach ($panel->looks() as $one)
    <li @class(['item', 'is-open' => $one->id === $look->id, 'is-off' => $one->put_away_at !== null])><span class="item-name"><a class="act" href="/workbench/looks/{{ $one->id }}/start" @if ($one->id === $look->id) aria-current="true" @endif>{{ $one->name }}</a> <span>{{ $one->put_away_at !== null ? 'put away' : ($one->id === $look->id ? 'open' : '') }}</span></span>
      @if ($edits)<span class="item-tools">@if ($one->put_away_at !== null)<button type="button" class="act" hx-post="/workbench/looks/{{ $one->id }}/back" aria-label="Bring {{ $one->name }} back">Bring back</button>@endif</span>@endif</li>
    @endforeach
  </ul>
  @if ($edits)
  <form class="name-look" hx-post="{{ $bench->address('name') }}"><label for="look-name">Name of this look</label><input class="entry" id="look-name" name="name" value="{{ $look->name }}" maxlength="60" required><button class="act">Rename</button></form>
  <p class="row-acts"><button type="button" class="act" hx-post="{{ $bench->address('copy') }}">Duplicate this look</button> @if ($look->put_away_at === null)<button type="button" class="act" hx-post="{{ $bench->address('away') }}">Put this look away</button>@endif
  </p>
  <p class="logo-note">Take your changes back, in one edit that one undo brings back:</p>
  <p class="row-acts"><button type="button" class="act" hx-post="{{ $bench->address('original') }}" hx-vals='{"only":"style"}'>Colors and shapes alone</button> <button type="button" class="act" hx-post="{{ $bench->address('original') }}">All of them, words and pictures too</button></p>
  @endif
</section>
