@php($look = $input->look)
@if ($edits)<p><button type="button" class="act" data-dress="{{ $bench->scheme }}" data-dress-name="{{ $theme->schemes[$bench->scheme] }}" aria-pressed="false"><x-icon name="crosshair"/> Pick parts in the window to wear {{ $theme->schemes[$bench->scheme] }}</button></p>@endif
<ul class="wearers">
  @foreach (Ikat\Core\Look\SchemeUses::settings($look, $theme) as $setting)
  @if ($setting->step !== Ikat\Core\Setting\Step::Seasons && $look->at($setting->path)->unmet === null)
  @php($now = (string) $look->value($setting->path))
  @php($words = preg_replace('/(:? wears?|: wears)$/', '', $setting->label))
  <li data-reach="{{ $setting->path }}" @class(['is-on' => $now === $bench->scheme])><span>{{ $words }}</span>
    @if ($now === $bench->scheme)<b>wears it</b>
    @elseif ($edits)<button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-include="#state" hx-vals="{{ json_encode(['path' => $setting->path, 'value' => $bench->scheme]) }}" hx-target="#bench" hx-swap="morph:innerHTML" aria-label="{{ $words }}, now {{ $setting->say($now) }}: let it wear {{ $theme->schemes[$bench->scheme] }}">{{ $setting->say($now) }}</button>
    @else<span>{{ $setting->say($now) }}</span>@endif</li>
  @endif
  @endforeach
</ul>
