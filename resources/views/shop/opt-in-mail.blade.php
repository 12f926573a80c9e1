<!DOCTYPE html>
<html lang="{{ $shop->dictionary->language->code }}" dir="{{ $shop->dictionary->language->isRightToLeft() ? 'rtl' : 'ltr' }}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{ $subject }}</title></head>
<body bgcolor="#ffffff" text="#22242a">
<table role="presentation" width="560" align="center" cellpadding="8" cellspacing="0" border="0">
<tr><td><img src="{{ $shop->icons() }}/mail-logo.png" alt="{{ $shop->text('header.logo.alt') ?: $shop->text('header.logo.name') }}" height="{{ $shop->number('mail.logo.size') }}"></td></tr>
<tr><td><h1>{{ $shop->say('Is this your address?') }}</h1><p>{{
  $shop->say('Somebody gave it to :name to receive letters. None is sent before you say yes.', ['name' => $shop->text('header.logo.name')]) }}</p>
<p><a href="{{ config('app.url') }}{{ $shop->address("/letters/$token") }}">{{ $shop->say('Yes, write to me') }}</a></p>
<p>{{ $shop->say('If it was not you, do nothing: the address is forgotten after thirty days.') }}</p></td></tr>
</table>
</body>
</html>
