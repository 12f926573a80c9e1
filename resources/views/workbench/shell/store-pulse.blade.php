<p class="truncate" data-store-changed><b>{{ $edit->author }}</b> changed {{ $edit->label }}. <a class="act" href="/workbench/looks/{{ $look->id }}/storeroom">Look</a></p>
