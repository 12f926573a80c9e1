@include('workbench.shell.controls', ['drawing' => 'workbench.seasons.year'])
