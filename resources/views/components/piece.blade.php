@props(['panel', 'role', 'class' => ''])
@php($path = $panel->set()->path($role))
@php($name = Ikat\Core\Setting\SchemeRoles::ALL[$role][0])
<button type="button" {{ $attributes->class(['piece', $class, 'is-picked' => $panel->selected === $path]) }} aria-pressed="{{ $panel->selected === $path ? 'true' : 'false' }}" title="{{ ucfirst($name) }}" data-reach="{{ $path }}" hx-get="{{ $panel->address(['open_path' => $path]) }}">@if (trim($slot) === '')<span class="hidden-words">{{ ucfirst($name) }}</span>@else<span class="hidden-words">{{ ucfirst($name) }}: </span>{{ $slot }}@endif</button>
