@use('Ikat\Core\Setting\ColorSet')
@use('Ikat\Core\Setting\SchemeRoles')
@php($mine = $input->look->followersOf($selected))
@php($now = $bench->follows($selected))
@php($isOffered = fn (string $path): bool => $path !== $selected && ! in_array($path, $mine, true))
@php($sets = match (true) {
    str_starts_with($selected, 'brand.') => [],
    $panel->set()->isDark => [$panel->set(), ColorSet::of($panel->scheme)],
    default => array_map(fn ($key) => ColorSet::of($key), array_unique([$panel->scheme, ...array_map(strval(...), array_keys($theme->schemes))])),
})
<form hx-post="{{ $bench->address('edits') }}" hx-trigger="change">
  <input type="hidden" name="path" value="{{ $selected }}">
  <label class="flex items-center gap-2">Linked to <select name="value" class="entry" @disabled(! $edits)>
    <option value="{{ $value }}" @selected($now === null)>nothing</option>
    <optgroup label="Brand colors">
      @foreach ($theme->brandColors as $key => $label)@if ($isOffered("brand.$key"))<option value="{{ '{brand.'.$key.'}' }}" @selected($now === "brand.$key")>{{ $label }}</option>@endif @endforeach
    </optgroup>
    @foreach ($sets as $set)
    <optgroup label="{{ $theme->schemes[$set->scheme] }}{{ $set->isDark ? ' in the dark' : '' }}">
      @foreach (SchemeRoles::ALL as $role => [$words])
      @php($path = $set->path($role))
      @if ($isOffered($path))<option value="{{ '{'.$path.'}' }}" @selected($now === $path)>{{ ucfirst($words) }}</option>@endif
      @endforeach
    </optgroup>
    @endforeach
    @if ($now !== null && ! preg_match('/^(brand|scheme|dark)\./', $now))<option value="{{ '{'.$now.'}' }}" selected>{{ $bench->setting($now)->label }}</option>@endif
  </select></label>
</form>
