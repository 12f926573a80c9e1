@use('App\Storefront\SamplePages')
@use('Ikat\Core\Check\TextColumns')
@use('Ikat\Core\Setting\Catalog\Parts')
@use('Ikat\Core\Type\LineLength')
@php($said = [-1 => 'short', 0 => '', 1 => 'long'])
@php($at = fn (float $characters): float => min(100, $characters) / 100)
<x-tool id="t-columns" title="Characters on a line" :note="LineLength::FEWEST.' to '.LineLength::MOST.' read with ease; press one to see it'">
  <table class="columns-of-text w-full border-collapse text-[12px]">
    <thead><tr class="text-left text-ink-2"><th scope="col" class="font-normal">Column of text</th>@foreach (TextColumns::SCREENS as $screen => $device)<th scope="col"
      class="w-[76px] pl-2 font-normal">{{ ucfirst($device) }}</th>@endforeach</tr></thead>
    <tbody>
      @foreach ($columns->columns as $column)
      <tr class="border-b border-thread">
        <th scope="row" class="max-w-0 py-1 text-left font-normal"><span class="block truncate">“{{ $column->words }}”</span><span
          class="text-ink-2">{{ SamplePages::labels()[$column->page] }}</span></th>
        @foreach (TextColumns::SCREENS as $screen => $device)
        @php($characters = $columns->characters($column, $screen))
        @php($judged = $said[$columns->judged($column, $screen)])
        @php($key = "$column->page-$column->number-$device")
        <td class="py-1 pl-2 align-top"><a @class(['block min-h-6 no-underline', 'is-now bg-blue-wash' => $panel->column === $key])
          href="{{ $panel->address(['open_column' => $key]) }}"
          hx-get="{{ $panel->address(['open_column' => $key]) }}" @if ($panel->column === $key) aria-current="true" @endif
          aria-label="{{ $characters }} {{ $judged }} characters on a {{ $device }}: see it">
          <b class="act">{{ $characters }}</b> <span class="text-ink-2">{{ $judged }}</span>
          <svg class="line-scale block" width="68" height="8" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true"><rect class="ease" x="{{ LineLength::FEWEST }}"
            width="{{ LineLength::MOST - LineLength::FEWEST }}" height="8"/><path class="line" d="M0 4H{{ min(100, $characters) }}"/></svg></a></td>
        @endforeach
      </tr>
      @endforeach
    </tbody>
  </table>
  @php($ways = $panel->shortOrLong())
  @foreach ($ways['helped'] as ['column' => $column, 'screen' => $screen, 'changes' => $changes])
  @php($to = array_key_first($changes))
  <p class="pt-1.5 text-[12px]">On a {{ TextColumns::SCREENS[$screen] }} a line of “{{ mb_strimwidth($column->words, 0, 28, '…') }}” is {{ round($column->widths[$screen]) }} px and holds
    {{ $columns->characters($column, $screen) }}.
    @if ($bench->edits())<x-edit :$bench :$changes :tries="true">Set “{{ $bench->setting($to)->label }}” to {{ $bench->setting($to)->describe($changes[$to]) }}</x-edit>@endif</p>
  @endforeach
  @if ($ways['sizes'] !== [])
  @php($sizes = array_unique(array_map(fn (float $size): string => number_format($size, 1), [min($ways['sizes']), max($ways['sizes'])])))
  <p class="pt-1.5 text-[12px] text-ink-2">{{ $ways['helped'] === [] ? 'Short ones' : 'Others' }} stand beside something: to hold {{ LineLength::FEWEST }},
    letters there would be {{ implode(' to ', $sizes) }} px, too small to read. Fewer columns side by side, or a narrower family, would do.</p>
  @endif
</x-tool>
