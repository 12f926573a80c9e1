{{-- A stylesheet gets the bare number of it. --}}
@include('workbench.shell.fields.length', ['cssUnit' => ''])
