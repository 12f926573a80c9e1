<x-tool id="t-record" :title="ucfirst($kind->one)">
  @foreach ($kind->columns as $column)
  @continue($column->key === 'position' || $column->isComputed)
  @include('workbench.storeroom.control')
  @endforeach
</x-tool>
