<div><p><b>The package was not taken; nothing was written.</b></p><ul>@foreach ($problems as $problem)<li>{{ $problem }}</li>@endforeach</ul></div>
