<section class="tool" aria-labelledby="s-looks"><h2 id="s-looks">Looks of {{ $look->storefront->name }} <small>one is worked on at a time</small></h2>
  <ul class="item-list">
    @foreach ($look->storefront->looks()->get() as $one)
    <li @class(['item', 'is-open' => $one->id === $look->id, 'is-off' => $one->put_away_at !== null])><span class="item-name"><a class="act" href="/workbench/looks/{{ $one->id }}/start" @if ($one->id === $look->id) aria-current="true" @endif>{{ $one->name }}</a> <span>{{ $one->put_away_at !== null ? 'put away' : ($one->id === $look->id ? 'open' : '') }}</span></span>
      @if ($edits)<span class="item-tools">@if ($one->put_away_at !== null)<button type="button" class="act" hx-post="/workbench/looks/{{ $one->id }}/back" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML" aria-label="Bring {{ $one->name }} back">Bring back</button>@endif</span>@endif</li>
    @endforeach
  </ul>
  @if ($edits)
  <form class="name-look" hx-post="{{ $bench->address('name') }}" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML"><label for="look-name">Name of this look</label><input class="entry" id="look-name" name="name" value="{{ $look->name }}" maxlength="60" required><button class="act">Rename</button></form>
  <p class="row-acts"><button type="button" class="act" hx-post="{{ $bench->address('copy') }}" hx-include="#state" hx-target="#bench">Duplicate this look</button> @if ($look->put_away_at === null)<button type="button" class="act" hx-post="{{ $bench->address('away') }}" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML">Put this look away</button>@endif
  <button type="button" class="act" hx-post="{{ $bench->address('original') }}" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML">Take all my changes back</button></p>
  @endif
</section>
