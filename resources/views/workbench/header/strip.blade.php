@use('Ikat\Core\Setting\Catalog\TopSettings')
@use('Ikat\Core\Header\HeaderSolver')
@php($utility = $panel->top()->utility)
@php($names = ['words' => 'Line of words', 'phone' => 'Telephone', 'email' => 'E-mail', 'first' => 'First button', 'second' => 'Second button'])
<x-tool id="t-strip" title="What it says, and where" :note="'on a phone '.$utility->at(390)['lines'].' '.($utility->at(390)['lines'] === 1 ? 'line' : 'lines').', on a desktop '.$utility->at(1280)['lines']">
  <table class="strip w-full text-[12px]">
    <thead><tr class="text-left text-ink-2"><th class="font-normal" scope="col">what</th><th class="font-normal" scope="col">phone</th><th class="font-normal" scope="col">tablet, desktop</th></tr></thead>
    <tbody>
    @foreach (TopSettings::UTILITY as $item)
    @php($words = $look->text("utility.$item.text"))
    @php($shows = $look->value("utility.$item.show") === true)
    @php($devices = $look->text("utility.$item.devices"))
    @php($on = ['phone' => $shows && $devices !== 'wide', 'wide' => $shows && $devices !== 'phone'])
    <tr class="border-t border-thread"><th scope="row" class="py-1 text-left font-normal"><b>{{ $names[$item] }}</b> <span class="text-ink-2">{{ $words === '' ? 'says nothing: it is not shown' : $words }}</span></th>
      @foreach (['phone', 'wide'] as $where)
      @php($other = $where === 'phone' ? 'wide' : 'phone')
      @php($next = $on[$where] ? ($on[$other] ? ["utility.$item.devices" => $other] : ["utility.$item.show" => false]) : ["utility.$item.show" => true, "utility.$item.devices" => $on[$other] ? 'all' : $where])
      <td class="py-1 align-baseline">@if ($edits)<x-edit :$bench :changes="$next" :tries="true" aria-pressed="{{ $on[$where] ? 'true' : 'false' }}" aria-label="{{ $names[$item] }} {{ $where === 'phone' ? 'on a phone' : 'on a tablet and a desktop' }}">{{ $on[$where] ? 'shown' : ($where === 'phone' && $shows && $words !== '' ? 'in the menu' : 'not shown') }}</x-edit>@else{{ $on[$where] ? 'shown' : 'not shown' }}@endif</td>
      @endforeach
    </tr>
    @endforeach
    </tbody>
  </table>
</x-tool>
