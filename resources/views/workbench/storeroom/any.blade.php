@use('Ikat\Core\Store\Cell\RichCell')
@use('Ikat\Core\Store\Cell\TextCell')
<x-tool id="t-record" :title="ucfirst($kind->one)">
  <div class="grid grid-cols-2 gap-x-2">
  @foreach ($kind->columns as $column)
  @continue($column->key === 'position' || $column->key === 'first_goods' || $column->isComputed)
  @include('workbench.storeroom.control', ['class' => $column->type instanceof TextCell || $column->type instanceof RichCell ? 'col-span-2' : ''])
  @endforeach
  </div>
</x-tool>
