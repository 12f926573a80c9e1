@if ($setting->type->inColors)
@php($scheme = $bench->schemeAround($setting))
<span class="field-label" id="{{ $id }}-label">{{ $setting->label }}</span>
<div class="entry words-field{{ str_ends_with($setting->path, 'heading') ? ' is-heading' : '' }} scheme-{{ $scheme }}" id="{{ $id }}" @if ($edits) contenteditable="true" @else tabindex="0" aria-readonly="true" @endif role="textbox" aria-labelledby="{{ $id }}-label" @if ($setting->type->max > 120) aria-multiline="true" @endif spellcheck="true" data-most="{{ $setting->type->max }}">{{ App\Storefront\ColoredHtml::html((string) $value) }}</div>
<input type="hidden" name="value" value="{{ $value }}">
@if ($edits)<div class="word-colors" role="toolbar" data-roving data-word-colors="{{ $id }}" aria-label="Color of the words you have chosen in {{ $setting->label }}"><span>Chosen words</span>
  @foreach (Ikat\Core\Setting\ColoredText::ROLES as $role)<button type="button" class="chip" tabindex="{{ $loop->first ? 0 : -1 }}" data-word-color="{{ $role }}" aria-pressed="false" title="{{ Ikat\Core\Contrast\RolePair::name($role) }}" aria-label="In the color of the {{ Ikat\Core\Contrast\RolePair::name($role) }}"><svg viewBox="0 0 24 24" aria-hidden="true"><rect width="24" height="24" fill="var(--scheme-{{ $scheme }}-ground)"/><text x="12" y="17" text-anchor="middle" font-weight="700" font-size="13" fill="var(--scheme-{{ $scheme }}-{{ $role }})">A</text></svg></button>@endforeach
  <button type="button" class="act" tabindex="-1" data-word-color="">as the rest</button>
</div>@endif
@else
<label for="{{ $id }}">{{ $setting->label }}</label>
@if ($setting->type->max > 120)<textarea class="entry" id="{{ $id }}" name="value" rows="3" data-most="{{ $setting->type->max }}" @disabled(! $edits)>{{ $value }}</textarea>
@else<input class="entry" id="{{ $id }}" name="value" value="{{ $value }}" data-most="{{ $setting->type->max }}" @disabled(! $edits)>@endif
@endif
