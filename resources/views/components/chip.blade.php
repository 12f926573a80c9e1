@props(['color', 'isFirst' => false])
<button type="button" {{ $attributes->class(['chip size-6 cursor-pointer p-0.5 [&.is-open]:shadow-[inset_0_0_0_2px_var(--color-blue)]']) }} tabindex="{{ $isFirst ? 0 : -1 }}"><x-swatch
  :colors="[$color]" w="20" h="20"/></button>
