@use('Ikat\Core\Look\SchemeUses')
@use('Ikat\Core\Setting\StepKey')
@php($look = $input->look)
@php($scheme = $theme->schemes[$panel->scheme])
@if ($edits)
<p><button type="button" class="act aria-pressed:bg-ink-1! aria-pressed:px-2! aria-pressed:text-white!" data-dress="{{ $panel->scheme }}" data-dress-name="{{ $scheme }}"
  aria-pressed="false"><x-icon name="crosshair"/>
  Pick parts in the window to get {{ $scheme }}</button></p>
@endif
<ul class="wearers grid grid-cols-2 gap-x-3.5 text-[12px]">
  @foreach (SchemeUses::settings($look, $theme) as $setting)
  @if ($setting->step !== StepKey::SEASONS && $look->at($setting->path)->unmet === null)
  @php($now = (string) $look->value($setting->path))
  @php($words = SchemeUses::wearer($setting))
  @php($worn = $setting->describe($now))
  <li data-reach="{{ $setting->path }}" @class(['flex min-h-6.25 items-center justify-between gap-2 border-b border-thread', 'chosen pl-1.5' => $now === $panel->scheme])><span
    class="truncate">{{ $words }}</span>
    @if ($now === $panel->scheme)
    <b class="ml-auto">has it</b>
    @if ($edits && ! isset($bench->departures()[$now]))<button type="button" class="act flex-none" hx-post="{{ $bench->address('schemes/depart') }}"
      hx-vals="{{ json_encode(['path' => $setting->path]) }}"><span class="sr-only">{{ $words }}: </span>only here…</button>@endif
    @elseif ($edits)<x-edit :$bench :path="$setting->path" :value="$panel->scheme" :aria-label="$words.', now '.$worn.': give it '.$scheme">{{ $worn }}</x-edit>
    @else<span>{{ $worn }}</span>@endif</li>
  @endif
  @endforeach
</ul>
