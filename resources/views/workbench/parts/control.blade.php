@php($id = 'c-'.str_replace('.', '-', $setting->path))
@php($type = $setting->type->value)
@php($value = $resolution->value)
@php($catalog = $bench->input()->look->catalog)
<div class="control" data-reach="{{ $setting->path }}">
<form hx-post="{{ $bench->address('edits') }}" hx-include="#state" hx-trigger="change, submit" hx-sync="this:drop" hx-target="#bench" hx-swap="morph:innerHTML" id="f-{{ $id }}">
  <input type="hidden" name="path" value="{{ $setting->path }}">
  @include("workbench.fields.$type")
  @if ($resolution->unmet !== null)<p class="unmet">Takes effect when {{ $resolution->unmet->inWords($catalog) }}. @if ($edits && $catalog->get($resolution->unmet->path)->type === Ikat\Core\Setting\SettingType::Switch)<button type="button" class="act" hx-post="{{ $bench->address('edits') }}" hx-include="#state" hx-vals="{{ json_encode(['path' => $resolution->unmet->path, 'value' => 'on']) }}" hx-target="#bench" hx-swap="morph:innerHTML" hx-trigger="click">Turn it on</button>@endif</p>@endif
  @if (str_ends_with($setting->path, 'chooser') && $bench->input()->store->countries < 2)<p class="unmet">The store sells to one country in one language, so there is nothing to choose and nothing is shown.</p>@endif
</form>
@if ($bench->isOwn($setting->path) && $edits)
<form class="original" hx-post="{{ $bench->address('edits') }}" hx-include="#state" hx-target="#bench" hx-swap="morph:innerHTML"><input type="hidden" name="path" value="{{ $setting->path }}"><input type="hidden" name="original" value="1"><button class="act" aria-label="Back to the original: {{ $setting->label }}">original</button></form>
@endif
</div>
