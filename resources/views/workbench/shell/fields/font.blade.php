@include('workbench.shell.fields.choice')
@if ($edits && $bench->follows($setting->path))<p class="unmet">Follows {{ $bench->setting($bench->follows($setting->path))->label }}, until you choose.</p>@endif
