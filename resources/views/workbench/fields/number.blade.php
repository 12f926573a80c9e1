@include('workbench.fields.length')
