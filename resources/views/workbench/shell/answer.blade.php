{{-- What the page is told of, in the body: it grows with the places an edit shows, and a web server takes only short headers. --}}
@isset($tells)<script type="application/json" data-tells>{!! json_encode($tells, JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE) !!}</script>@endisset
@include('workbench.shell.bench')
@include('workbench.shell.sheet', ['oob' => true])
@include('workbench.shell.bar-state', ['oob' => true])
@include('workbench.shell.bar-end', ['oob' => true])
@include('workbench.shell.steps', ['oob' => true])
@include('workbench.shell.tape', ['oob' => true])
