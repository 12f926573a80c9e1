<p class="truncate"><b>{{ $edit->author }}</b> changed {{ $edit->label }}. <a class="act" href="/workbench/looks/{{ $look->id }}/{{ $step }}">Look</a></p>
