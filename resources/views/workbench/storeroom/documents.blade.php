@use('Ikat\Core\Store\Cell\DocumentCell')
@php($of = fn (string $key) => $kind->column($key))
<x-tool id="t-file" title="File" :note="strtoupper($row['form']).', '.number_format($row['kilobytes']).' kB'">
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
    <a class="act" href="{{ $row['path'] }}" target="_blank" rel="noopener">Read it in a window of its own</a>
    @if ($edits)<form hx-post="{{ $bench->address("storeroom/documents/$id/file") }}" hx-encoding="multipart/form-data" hx-trigger="change"><label
      class="act cursor-pointer has-[:focus-visible]:outline-2">Put another file in its place<input type="file" name="file" class="sr-only"
      accept=".{{ implode(',.', DocumentCell::KINDS) }}"></label></form>@endif
  </div>
  <p class="pt-1 text-ink-2">What leads to it keeps leading to it: its address in the shop stays. At most {{ App\Storeroom\KeepDocument::MOST_BYTES / 1_000_000 }} MB.</p>
</x-tool>
<x-tool id="t-words" title="Name and address">
  @foreach (['name', 'slug'] as $key)@include('workbench.storeroom.control', ['column' => $of($key)])@endforeach
</x-tool>
