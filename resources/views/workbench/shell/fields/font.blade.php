@php($followed = $bench->follows($setting->path))
@include('workbench.shell.fields.choice')
@if ($followed)<p class="text-[12px] text-ink-2">Linked to {{ $bench->setting($followed)->label }}, until you choose.</p>@endif
