@include('workbench.shell.fields.length')
