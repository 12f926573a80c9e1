@include('workbench.shell.steps', ['oob' => true])
@include('workbench.shell.bar-end', ['oob' => true])
