<!DOCTYPE html>
<html lang="{{ $shop->dictionary->language->code }}" dir="{{ $shop->dictionary->language->isRightToLeft() ? 'rtl' : 'ltr' }}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{ $subject }}</title></head>
<body bgcolor="#ffffff" text="#22242a">
<table role="presentation" width="560" align="center" cellpadding="8" cellspacing="0" border="0">
<tr><td><img src="{{ $shop->icons() }}/mail-logo.png" alt="{{ $shop->words('header.logo.alt') ?: $shop->text('header.logo.name') }}" height="{{ $shop->number('mail.logo.size') }}"></td></tr>
<tr><td><h1>{{ $shop->words('say.thanks') }}</h1><p>{{ $shop->words('say.order') }} {{ $order->number }}</p></td></tr>
<tr><td><table width="100%" cellpadding="6" cellspacing="0" border="0">
<tr><th align="left" scope="col">{{ $shop->words('say.item') }}</th><th align="right" scope="col">{{ $shop->words('say.quantity') }}</th><th align="right"
  scope="col">{{ $shop->words('say.sum') }}</th></tr>
@foreach ($order->lines as $line)<tr><td>{{ $shop->say($line['name']) }}</td><td align="right">{{ $line['quantity'] }}</td><td align="right">{{ $shop->amount($line['sum']) }}</td></tr>
@endforeach
@if ($order->totals['off'] > 0)<tr><td colspan="2">{{ $order->totals['code'] }}</td><td align="right">−{{ $shop->amount($order->totals['off']) }}</td></tr>@endif
<tr><td colspan="2">{{ $shop->say((string) $order->totals['offer']) }}</td><td
  align="right">{{ $order->totals['delivery'] === 0 ? $shop->words('say.free') : $shop->amount($order->totals['delivery']) }}</td></tr>
@if (($order->totals['tax'] ?? 0) > 0 && ! $order->totals['within'])<tr><td colspan="2">{{ $shop->words('say.tax') }}</td><td
  align="right">{{ $shop->amount($order->totals['tax']) }}</td></tr>@endif
<tr><td colspan="2"><b>{{ $shop->words('say.total') }}</b></td><td align="right"><b>{{ $shop->amount($order->totals['total']) }}</b></td></tr>
@if (($order->totals['tax'] ?? 0) > 0 && $order->totals['within'])<tr><td colspan="2">{{ $shop->words('say.taxed') }}</td><td
  align="right">{{ $shop->amount($order->totals['tax']) }}</td></tr>@endif
</table></td></tr>
<tr><td><p>{{ $shop->words('say.going') }} {{ implode(', ', array_filter(array_map(fn ($key) => $order->details[$key] ?? '', ['name', 'street', 'town', 'postcode']))) }}</p></td></tr>
@php($reached = array_filter([$shop->store->phone, $shop->store->email]))
@if ("{$shop->store->line}{$shop->store->place}" !== '' || $reached !== [])<tr><td><p>{{ $shop->store->name }}@if ($shop->store->line !== '')<br>{{ $shop->store->line }}@endif
@if ($shop->store->place !== '')<br>{!! nl2br(e($shop->store->place), false) !!}@endif @if ($reached !== [])<br>{{ implode(', ', $reached) }}@endif</p></td></tr>@endif
</table>
</body>
</html>
