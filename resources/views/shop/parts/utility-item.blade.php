@php($words = $shop->words("utility.$item.text"))
@php($isButton = in_array($item, ['first', 'second'], true))
@if ($item === 'words')<span data-from="utility.words.text">{{ $words }}</span>@else<a data-from="utility.{{ $item }}.text{{ $isButton ? " utility.$item.target" : '' }}"
  href="{{ $shop->utilityAddress($item) }}" @unless ($isButton) dir="ltr" @endunless>@if ($shop->on('utility.icons'))<x-icon
  name="{{ ['phone' => 'phone', 'email' => 'mail'][$item] ?? 'arrow-right' }}" :class="$isButton ? 'runs' : ''"/>@endif{{ $words }}</a>@endif
