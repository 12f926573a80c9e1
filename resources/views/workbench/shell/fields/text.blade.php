@use('App\Storefront\ColoredHtml')
@use('Ikat\Core\Contrast\RolePair')
@use('Ikat\Core\Setting\ColoredText')
@if ($setting->type->inColors)
@php($scheme = $bench->schemeAround($setting))
<span class="field-label" id="{{ $id }}-label">{{ $label }}</span>
<div @class(['words-field w-full border border-edge px-2 py-0.75', 'is-heading' => str_ends_with($setting->path, 'heading'), "scheme-$scheme"])
  id="{{ $id }}" contenteditable="true"
  role="textbox" aria-labelledby="{{ $id }}-label" @if ($setting->type->max > 120) aria-multiline="true" @endif spellcheck="true"
  data-most="{{ $setting->type->max }}">{{ ColoredHtml::html((string) $value) }}</div>
<input type="hidden" name="value" value="{{ $value }}">
<div class="word-colors flex items-center gap-0.5 text-[12px]" role="toolbar" data-roving data-word-colors="{{ $id }}"
  aria-label="Color of the words you have chosen in {{ $setting->label }}"><span class="mr-1 text-ink-2">Chosen words</span>
  @foreach (ColoredText::ROLES as $role)
  <button type="button" class="chip size-6 cursor-pointer p-0.5 aria-pressed:shadow-[inset_0_0_0_2px_var(--color-blue)]" tabindex="{{ $loop->first ? 0 : -1 }}" data-word-color="{{ $role }}"
    aria-pressed="false"
    title="{{ RolePair::name($role) }}" aria-label="In the color of the {{ RolePair::name($role) }}"><svg class="size-5 outline outline-thread-2" viewBox="0 0 24 24" aria-hidden="true"><rect
      width="24" height="24"
      fill="var(--scheme-{{ $scheme }}-ground)"/><text x="12" y="17" text-anchor="middle" font-weight="700" font-size="13" fill="var(--scheme-{{ $scheme }}-{{ $role }})">A</text></svg></button>
  @endforeach
  <button type="button" class="act" tabindex="-1" data-word-color="">as the rest</button>
</div>
@elseif ($setting->type->max > 120)
<label for="{{ $id }}">{{ $label }}</label>
<textarea class="entry" id="{{ $id }}" name="value" rows="3" data-most="{{ $setting->type->max }}">{{ $value }}</textarea>
@else
<label for="{{ $id }}">{{ $label }}</label>
<input class="entry" id="{{ $id }}" name="value" value="{{ $value }}" data-most="{{ $setting->type->max }}">
@endif
