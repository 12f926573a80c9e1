@use('Ikat\Core\Setting\SchemeRoles')
{{-- Parts that depart from their color scheme in single roles: what differs, and the way back. --}}
<ul class="grid gap-1.5">
  @foreach ($bench->departures() as $key => $departure)
  @php($isOpen = $panel->scheme === (string) $key)
  @php($base = $theme->schemes[$departure->base])
  @php($part = $theme->schemes[$key])
  <li @class(['grid gap-0.75 px-1.5 py-1', 'chosen' => $isOpen])>
    <p class="flex items-baseline gap-2"><a class="act" href="{{ $panel->address(['open_scheme' => $key, 'open_path' => "scheme.$key.ground"]) }}"
        hx-get="{{ $panel->address(['open_scheme' => $key, 'open_path' => "scheme.$key.ground"]) }}" @if ($isOpen) aria-current="true" @endif>{{ $part }}</a>
      <span
        class="text-ink-2">{{ match (count($departure->roles)) {
            0 => "still all as in $base", 1 => "$base with 1 color of its own", default => $base.' with '.count($departure->roles).' colors of its own',
        } }}{{ $departure->wearers === [] ? ', no part has it now' : '' }}</span>
      @if ($edits)<button type="button" class="act ml-auto flex-none" hx-post="{{ $bench->address('schemes/back') }}" hx-vals="{{ json_encode(['key' => (string) $key]) }}">all back<span
        class="sr-only"> to {{ $base }}: {{ $part }}</span></button>@endif</p>
    @foreach ($departure->roles as $role)
    @php($path = "scheme.$key.$role")
    @php($words = SchemeRoles::ALL[$role][0] ?? 'gradient of the background')
    @php($both = array_map(fn ($at) => str_starts_with($input->look->text($at), '#') ? $input->look->text($at) : '#ffffff', ["scheme.$departure->base.$role", $path]))
    <p class="flex items-center gap-2 pl-2"><x-swatch :colors="$both" w="32" h="16"/>
      <a class="act font-normal" href="{{ $bench->addressOfSetting($path) }}" hx-get="{{ $bench->addressOfSetting($path) }}">{{ $words }}</a>
      @if ($edits)<button type="button" class="act ml-auto flex-none font-normal" hx-post="{{ $bench->address('schemes/back') }}"
        hx-vals="{{ json_encode(['key' => (string) $key, 'role' => $role]) }}">as in {{ $base }}<span class="sr-only"> for {{ $words }}</span></button>@endif</p>
    @endforeach
  </li>
  @endforeach
</ul>
