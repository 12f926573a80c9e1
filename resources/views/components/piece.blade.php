@props(['panel', 'role', 'class' => ''])
@php($path = $panel->set()->path($role))
@php($name = ucfirst(Ikat\Core\Setting\SchemeRoles::ALL[$role][0]))
@php($isPicked = $panel->selected === $path)
<button type="button" {{ $attributes->class(['piece relative min-h-6 cursor-pointer whitespace-nowrap', $class, 'is-picked' => $isPicked]) }} aria-pressed="{{ $isPicked ? 'true' : 'false' }}"
  title="{{ $name }}" data-reach="{{ $path }}" hx-get="{{ $panel->address(['open_path' => $path]) }}"><span class="sr-only">{{ $name }}{{ trim($slot) === '' ? '' : ': ' }}</span>{{ $slot }}</button>
