@use('App\Storefront\Money')
@php($order = $panel->record()->order())
@php($currency = $panel->record()->order()?->currency ?: $panel->store->currency)
<x-tool id="t-order" title="What was ordered" :note="$panel->written($kind->column('created_at'), $row)">
  <table class="outlook-rows w-full"><caption class="sr-only">Lines of the order</caption><tbody>
    @foreach ($order->lines as $line)<tr><th scope="row">{{ $line['name'] }}</th><td>{{ $line['quantity'] }}</td><td>{{ Money::exact($line['sum'], $currency) }}</td></tr>@endforeach
    @if ($order->totals['off'] > 0)<tr><th scope="row">{{ $order->totals['code'] }}</th><td></td><td>−{{ Money::exact($order->totals['off'], $currency) }}</td></tr>@endif
    <tr><th scope="row">{{ $order->totals['offer'] }}</th><td></td><td>{{ Money::exact($order->totals['delivery'], $currency) }}</td></tr>
    <tr><th scope="row"><b>Total</b></th><td></td><td><b>{{ Money::exact($order->totals['total'], $currency) }}</b></td></tr>
  </tbody></table>
</x-tool>
<x-tool id="t-customer" title="Who it goes to">
  <p>@foreach (array_filter(array_map(fn ($key) => $order->details[$key] ?? '', ['name', 'street', 'town', 'postcode', 'country', 'email'])) as $line){{ $line }}<br>@endforeach</p>
</x-tool>
<x-tool id="t-letters" title="Its letters" note="the window shows the one that is picked">
  <ul class="grid gap-0.5">@forelse ($panel->record()->letters() as $letter)<li><button type="button" class="act font-normal" data-visit="/mail/{{ $letter->id }}"
    data-element="">{{ $letter->subject }}</button> <span
    class="text-ink-2">{{ $bench->localTime($letter->created_at)->format('M j, g:i A') }}</span></li>@empty<li class="text-ink-2">None was sent.</li>@endforelse</ul>
</x-tool>
