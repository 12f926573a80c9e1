@props(['bench', 'role', 'class' => ''])
@php($path = $bench->set().".$role")
@php($name = Ikat\Core\Setting\SchemeRoles::ALL[$role][0])
<button type="button" {{ $attributes->class(['piece', $class, 'is-picked' => $bench->selected === $path]) }} aria-pressed="{{ $bench->selected === $path ? 'true' : 'false' }}" title="{{ ucfirst($name) }}" data-reach="{{ $path }}" hx-get="{{ $bench->address('colors') }}?open_scheme={{ $bench->scheme }}&amp;open_part={{ $bench->openPart() }}&amp;open_path={{ $path }}" hx-target="#bench" hx-swap="morph:innerHTML">@if (trim($slot) === '')<span class="hidden-words">{{ ucfirst($name) }}</span>@else<span class="hidden-words">{{ ucfirst($name) }}: </span>{{ $slot }}@endif</button>
