@php($look = $input->look)
@if ($edits)<p><button type="button" class="act" data-dress="{{ $panel->scheme }}" data-dress-name="{{ $theme->schemes[$panel->scheme] }}" aria-pressed="false"><x-icon name="crosshair"/> Pick parts in the window to wear {{ $theme->schemes[$panel->scheme] }}</button></p>@endif
<ul class="wearers">
  @foreach (Ikat\Core\Look\SchemeUses::settings($look, $theme) as $setting)
  @if ($setting->step !== Ikat\Core\Setting\StepKey::SEASONS && $look->at($setting->path)->unmet === null)
  @php($now = (string) $look->value($setting->path))
  @php($words = preg_replace('/(:? wears?|: wears)$/', '', $setting->label))
  <li data-reach="{{ $setting->path }}" @class(['is-on' => $now === $panel->scheme])><span>{{ $words }}</span>
    @if ($now === $panel->scheme)<b>wears it</b>
    @elseif ($edits)<button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['path' => $setting->path, 'value' => $panel->scheme]) }}" aria-label="{{ $words }}, now {{ $setting->describe($now) }}: let it wear {{ $theme->schemes[$panel->scheme] }}">{{ $setting->describe($now) }}</button>
    @else<span>{{ $setting->describe($now) }}</span>@endif</li>
  @endif
  @endforeach
</ul>
