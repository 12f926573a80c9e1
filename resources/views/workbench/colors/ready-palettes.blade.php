@inject('bases', 'App\Looks\Bases')
@php($mine = $theme->brandColors)
<ul class="ready">
  @foreach ($bases->themes() as $other)
  @php($keys = array_values(array_filter(array_keys($other->brandColors), fn ($key) => isset($mine[$key]))))
  @if ($keys !== [])
  @foreach ($other->starters as $starter)
  @php($colors = array_intersect_key(array_combine(array_keys($other->brandColors), $bases->colors($other, $starter)), $mine))
  @php($keys = array_keys($colors))
  @php($changes = array_combine(array_map(fn ($k) => "brand.$k", $keys), $colors))
  <li><details><summary data-try="{{ $bench->trial($changes) }}"><svg viewBox="0 0 100 14" preserveAspectRatio="none" aria-hidden="true">@foreach (array_values($colors) as $j => $hex)<rect x="{{ 10 * $j }}" width="10" height="14" fill="{{ $hex }}"/>@endforeach</svg><span>{{ $starter->title }} <em>{{ $other->title }}</em></span></summary>
    @if ($edits)
    <form hx-post="{{ $bench->address('palette/take') }}"><input type="hidden" name="theme" value="{{ $other->name }}"><input type="hidden" name="starter" value="{{ $starter->name }}">
      <fieldset class="take-some"><legend>Take</legend>@foreach (array_intersect_key($mine, $colors) as $key => $label)<label><input type="checkbox" name="take[]" value="{{ $key }}" checked><svg width="16" height="16" aria-hidden="true"><rect width="16" height="16" fill="{{ $colors[$key] }}"/></svg> {{ $label }}</label>@endforeach</fieldset>
      <button class="act">Take these colors of {{ $starter->title }}</button></form>
    @endif
  </details></li>
  @endforeach
  @endif
  @endforeach
</ul>
