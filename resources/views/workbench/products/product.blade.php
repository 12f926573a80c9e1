@use('App\Workbench\Products\ScreenPages')
{{-- How far down a product can be bought, and what its page is made of. --}}
@php($drawn = $panel->page())
@php($product = $drawn->product)
@php($names = $drawn->down()->names)
@php($farthest = array_key_first($drawn->down()->screens))
@php($now = $look->text('product.pictures'))
@php($record = fn (string $column): string => $bench->address("storeroom?open_record=$product->id#cell-$column"))
<x-tool id="t-buy" title="Down to the button" :note="'of '.$product->name">
  <table class="every-shelf text-[12px]">
    <thead><tr><th scope="col">On a</th><th scope="col">button ends at</th><th scope="col">screens</th><th scope="col">page without others</th></tr></thead>
    <tbody>@foreach ($drawn->standing() as $device => $page)
    @php($screens = $page->screensToBuy())
    <tr><th scope="row">{{ $device }}</th><td>{{ match (true) {
        $page->button === null => 'none', $page->buttonStays => 'in sight', default => number_format(round($page->button)).' px',
    } }}</td><td>{{ $screens === null ? '' : number_format($screens, 1) }}</td><td>{{ number_format(round($page->ends - ($page->blocks['others']['height'] ?? 0))) }} px</td></tr>
    @endforeach</tbody>
  </table>
  @php($ways = $drawn->ways())
  @if ($ways !== [])<p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]">Nearer on a phone:
    @foreach ($ways as $way)<span>@if ($edits)<x-edit :$bench :changes="$way['changes']" :tries="true">{{ ucfirst($way['words']) }}</x-edit>@else<b>{{ ucfirst($way['words']) }}</b>@endif <span
      class="text-ink-2">{{ $way['told'] }}</span></span>@endforeach</p>@endif
  <p class="flex flex-wrap items-baseline gap-x-3 pt-1 text-[12px]">Drawn: @foreach (array_unique([$farthest, ...array_keys($names)]) as $slug)
    @continue($slug === null || $loop->index > 3)
    @if ($slug === $product->slug)<b>{{ $product->name }}</b>@else<a class="act inline-block" href="{{ $panel->address(['open_product' => $slug]) }}"
      hx-get="{{ $panel->address(['open_product' => $slug]) }}">{{ $names[$slug] }}</a>@endif
    @if ($slug === $farthest)<span class="text-ink-2">farthest on a phone</span>@endif @endforeach</p>
</x-tool>
<x-tool id="t-pictures" title="Pictures" :note="count($drawn->pictures()).' of '.$product->name">
  <ul class="fills-row grid grid-cols-3 gap-2 text-[12px]">
    @foreach (['strip' => 'In a strip', 'stacked' => 'One under another', 'beside' => 'Side by side'] as $way => $words)
    <li @class(['grid content-start gap-1 border-t-2 p-1', 'border-blue bg-blue-wash' => $way === $now, 'border-transparent' => $way !== $now])>
      <svg viewBox="0 0 96 46" aria-hidden="true">@if ($way === 'strip')<rect width="50" height="34"/><rect x="53" width="9" height="34"/><rect y="37" width="9" height="9"/><rect x="11"
        y="37" width="9"
        height="9"/><rect x="22" y="37" width="9" height="9"/>@elseif ($way === 'stacked')<rect width="62" height="22"/><rect y="24" width="62" height="22"/>@else<rect width="30"
          height="22"/><rect x="32"
        width="30" height="22"/><rect y="24" width="30" height="22"/><rect x="32" y="24" width="30" height="22"/>@endif<rect class="none" x="68" width="28" height="3"/><rect class="none" x="68" y="6"
        width="20" height="3"/><rect class="none" x="68" y="14" width="28" height="8"/></svg>
      @if ($edits && $way !== $now)<x-edit class="justify-self-start text-left" :$bench :changes="['product.pictures' => $way]" :tries="true">{{ $words }}</x-edit>@else<b>{{ $words }}</b>@endif
    </li>
    @endforeach
  </ul>
  @php($bytes = $drawn->filmBytes())
  <p class="pt-1 text-[12px]">@if ($bytes !== null)Its film of {{ number_format($bytes / 1000) }} kB is loaded only when it is played; {{ $product->picture === null ? 'it has no picture to
    stand for it' : 'the first picture stands for it' }}.@else<a
    class="act" href="{{ $record('video') }}" data-open>Bring a film</a>@endif @if ($product->film_elsewhere !== null)A film on
      {{ parse_url($product->film_elsewhere, PHP_URL_HOST) }} is a link: nothing of it is loaded before it is
    followed.@endif</p>
</x-tool>
@php($options = $product->ways()->options)
@if ($options !== [])
@php($form = $look->text('product.options'))
<x-tool id="t-options" title="What can be chosen" :note="$bench->setting('product.options')->describe($form)">
  <p class="flex flex-wrap items-baseline gap-x-3 text-[12px]" role="group" aria-label="What can be chosen">@foreach ($bench->choicesOf($bench->setting('product.options'), $form) as $value => $words)
    @if ((string) $value === $form)<b>{{ ucfirst($words) }}</b>@elseif ($edits)<x-edit :$bench :changes="['product.options' => (string) $value]"
      :tries="true">{{ ucfirst($words) }}</x-edit>@endif @endforeach</p>
  <table class="every-shelf text-[12px]"><tbody>
    @foreach ($options as $name => $values)
    <tr><th scope="row">{{ $name }}</th><td class="text-left!">@foreach ($values as $value)<span class="inline-flex items-center gap-1 pr-2">@if (isset($product->swatches[$value]))<svg
      width="12" height="12" viewBox="0 0 12 12"
      aria-hidden="true"><rect width="12" height="12" rx="6" fill="{{ $product->swatches[$value] }}"/></svg>@endif {{ $value }}</span>@endforeach</td></tr>
    @endforeach
  </tbody></table>
  <p class="pt-1 text-[12px]"><a class="act" href="{{ $record('swatches') }}" data-open>Colors of what can be chosen</a> <span
    class="text-ink-2">shown as swatches; what has none shows its picture, or its words</span></p>
</x-tool>
@endif
@if ($look->value('product.others') === true)
@php($by = $look->text('product.others.by'))
@php($hand = count($product->related ?? []))
<x-tool id="t-others" title="Others" :note="$hand > 0 ? $hand.' by hand, then '.$bench->setting('product.others.by')->describe($by) : $bench->setting('product.others.by')->describe($by)">
  <p class="flex flex-wrap items-baseline gap-x-3 text-[12px]" role="group" aria-label="Which others">@foreach ($bench->choicesOf($bench->setting('product.others.by'), $by) as $value => $words)
    @if ((string) $value === $by)<b>{{ ucfirst($words) }}</b>@elseif ($edits)<x-edit :$bench :changes="['product.others.by' => (string) $value]"
      :tries="true">{{ ucfirst($words) }}</x-edit>@endif @endforeach
    <a class="act" href="{{ $record('related') }}" data-open>By hand</a></p>
</x-tool>
@endif
