@php($messages = array_values(array_filter($shop->items('announcement.messages', 'message'), fn ($m) => $shop->text($m->path('text')) !== '')))
@if ($messages !== [])
@php($turns = count($messages) > 1 && $shop->text('announcement.turn') === 'turn')
<aside aria-label="{{ $shop->say('Announcement') }}" class="announcement {{ $shop->wears('announcement.scheme') }}" data-part="announcement"
  data-from="announcement.show announcement.messages announcement.pages announcement.on.home announcement.on.category announcement.on.product announcement.on.content announcement.on.cart"
  @if ($turns) data-turn="{{ $shop->number('announcement.pace') }}" @endif
  @if ($shop->on('announcement.dismiss')) data-days="{{ $shop->number('announcement.dismiss.days') }}"
    data-dismiss="{{ substr(sha1(implode('|', array_map(fn ($m) => $shop->text($m->path('text')), $messages))), 0, 8) }}" @endif>
  <ul data-from="announcement.turn announcement.pace">@foreach ($messages as $message)<li @class(['waits' => $turns && ! $loop->first]) data-part="message-{{ $message->name() }}"
    data-from="{{ $message->path('show') }}">@if ($shop->text($message->path('target')) !== '')<a href="{{ $shop->address($shop->text($message->path('target'))) }}"
    data-from="{{ $message->path('text') }} {{ $message->path('target') }}">{{ $shop->inColors($shop->words($message->path('text'))) }}</a>@else<p
    data-from="{{ $message->path('text') }} {{ $message->path('target') }}">{{ $shop->inColors($shop->words($message->path('text'))) }}</p>@endif</li>@endforeach</ul>
  @if ($turns)<button class="announcement-tool" type="button" data-pause hidden aria-pressed="false" aria-label="{{ $shop->say('Pause the messages') }}"><x-icon name="pause"/></button>@endif
  @if ($shop->on('announcement.dismiss'))<button class="announcement-tool" type="button" data-close data-from="announcement.dismiss announcement.dismiss.days" hidden
    aria-label="{{ $shop->say('Close the announcement') }}"><x-icon
    name="x"/></button>@endif
</aside>
@endif
