<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Mailbox of {{ $look->storefront->name }} - Ikat</title>
<link rel="icon" href="/build/ikat-icon.svg" type="image/svg+xml">
<link rel="stylesheet" href="/build/workbench.css">
</head>
<body class="plain-page mailbox min-h-screen bg-paper font-text text-[15px]/5.5 text-ink-1">
<main class="mx-auto grid w-[min(760px,92vw)] gap-3.5 py-8">
  <h1 class="font-title text-2xl/7.5 font-semibold">Mailbox of {{ $look->storefront->name }}</h1>
  <p>Letters the shop would have sent. Nothing leaves this machine. <a class="act" href="/workbench/looks/{{ $look->id }}/logo">Back to the logo</a></p>
  @forelse ($mails as $mail)
  <section class="mt-4.5" aria-labelledby="mail-{{ $mail->id }}"><h2 class="font-title text-[17px]/6 font-semibold" id="mail-{{ $mail->id }}">{{ $mail->subject }}</h2>
    <p>To {{ $mail->to }}, {{ $mail->created_at->format('M j, g:i A') }} UTC</p>
    <iframe class="h-[520px] w-full border border-edge bg-white" title="{{ $mail->subject }}" src="/preview/{{ $look->id }}/now/shop/{{ $look->storefront->slug }}/mail/{{ $mail->id }}"
      @unless ($loop->first) loading="lazy" @endunless></iframe></section>
  @empty
  <p>No letter yet. Place an order in the public shop, and its confirmation arrives here.</p>
  @endforelse
</main>
</body>
</html>
