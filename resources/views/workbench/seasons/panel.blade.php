@include('workbench.shell.controls')
