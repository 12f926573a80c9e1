@use('Ikat\Core\Setting\Catalog\TopSettings')
@use('Ikat\Core\Header\HeaderSolver')
@php($utility = $panel->top()->utility)
@php($names = ['words' => 'Line of words', 'phone' => 'Telephone', 'email' => 'E-mail', 'first' => 'First button', 'second' => 'Second button'])
<x-tool id="t-strip" title="What it says, and where"
  :note="'on a phone '.$utility->at(390)['lines'].' '.($utility->at(390)['lines'] === 1 ? 'line' : 'lines').', on a desktop '.$utility->at(1280)['lines']">
  <table class="strip w-full text-[12px]">
    <thead><tr class="text-left text-ink-2"><th class="font-normal" scope="col">what</th><th class="font-normal" scope="col">phone</th><th class="font-normal"
      scope="col">tablet, desktop</th></tr></thead>
    <tbody>
    @foreach (TopSettings::UTILITY as $item)
    @php($words = $look->text("utility.$item.text"))
    <tr class="border-t border-thread"><th scope="row" class="py-1 text-left font-normal"><b>{{ $names[$item] }}</b> <span
      class="text-ink-2">{{ $words === '' ? 'says nothing: it is not shown' : $words }}</span></th>
      @foreach ($panel->switches($item) as $where => ['words' => $said, 'isOn' => $isOn, 'changes' => $changes])
      <td class="py-1 align-baseline">@if ($edits)<x-edit :$bench :$changes :tries="true" aria-pressed="{{ $isOn ? 'true' : 'false' }}"
        aria-label="{{ $said }}: {{ $names[$item] }} {{ $where === 'phone' ? 'on a phone' : 'on a tablet and a desktop' }}">{{ $said }}</x-edit>@else{{ $said }}@endif</td>
      @endforeach
    </tr>
    @endforeach
    </tbody>
  </table>
</x-tool>
