<!DOCTYPE html>
<html lang="{{ $shop->storefront->speaks()[0] ?? 'en' }}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{ $subject }}</title></head>
<body bgcolor="#ffffff" text="#22242a">
<table role="presentation" width="560" align="center" cellpadding="8" cellspacing="0" border="0">
<tr><td><img src="{{ $shop->icons() }}/mail-logo.png" alt="{{ $shop->text('header.logo.alt') ?: $shop->text('header.logo.name') }}" height="{{ $shop->number('mail.logo.size') }}"></td></tr>
<tr><td><h1>Is this your address?</h1><p>Somebody gave it to {{ $shop->text('header.logo.name') }} to receive letters. None is sent before you say yes.</p>
<p><a href="{{ config('app.url') }}{{ $shop->address("/letters/$token") }}">Yes, write to me</a></p><p>If it was not you, do nothing: the address is forgotten after thirty days.</p></td></tr>
</table>
</body>
</html>
