@inject('bases', 'App\Looks\Bases')
@php($mine = $theme->brandColors)
<ul class="ready grid grid-cols-2 gap-x-3.5 gap-y-1.5">
  @foreach ($bases->themes() as $other)
  @foreach ($other->starters as $starter)
  @php($colors = array_intersect_key(array_combine(array_keys($other->brandColors), $bases->colors($other, $starter)), $mine))
  @if ($colors !== [])
  @php($changes = array_combine(array_map(fn ($key) => "brand.$key", array_keys($colors)), $colors))
  <li><details><summary class="grid list-none gap-0.5" data-try="{{ $bench->trial($changes) }}"><x-swatch :colors="$colors"/><span class="underline underline-offset-3">{{ $starter->title }} <em
    class="text-ink-2">{{ $other->title }}</em></span></summary>
    @if ($edits)
    <form hx-post="{{ $bench->address('palette/take') }}"><input type="hidden" name="theme" value="{{ $other->name }}"><input type="hidden" name="starter" value="{{ $starter->name }}">
      <fieldset class="take-some grid gap-0.5 py-1"><legend>Take</legend>
        @foreach (array_intersect_key($mine, $colors) as $key => $label)
        <label class="flex min-h-6 items-center gap-1.5"><input type="checkbox" name="take[]" value="{{ $key }}" checked><x-swatch :colors="[$colors[$key]]" w="16"/> {{ $label }}</label>
        @endforeach
      </fieldset>
      <button class="act">Take these colors of {{ $starter->title }}</button></form>
    @endif
  </details></li>
  @endif
  @endforeach
  @endforeach
</ul>
