@php($words = $shop->text("utility.$item.text"))
@if ($item === 'words')<span data-from="utility.words.text">{{ $words }}</span>@else<a data-from="utility.{{ $item }}.text{{ in_array($item, ['first', 'second'], true) ? " utility.$item.target" : '' }}"
  href="{{ match ($item) { 'phone' => 'tel:'.preg_replace('/[^0-9+]/', '', $words), 'email' => 'mailto:'.$words, default => $shop->address($shop->text("utility.$item.target") ?: '/') } }}">@if ($shop->on('utility.icons'))<x-icon
  name="{{ ['phone' => 'phone', 'email' => 'mail'][$item] ?? 'arrow-right' }}"/>@endif{{ $words }}</a>@endif
