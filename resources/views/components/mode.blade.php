@props(['icon', 'words', 'isOn' => false, 'isWordless' => false])
<button type="button" {{ $attributes->class(['inline-flex h-6.5 cursor-pointer items-center gap-1.25 px-1.75 aria-pressed:bg-[#1c1c1c] aria-pressed:text-white']) }}
  aria-pressed="{{ $isOn ? 'true' : 'false' }}" aria-label="{{ $words }}" title="{{ $words }}"><x-icon :name="$icon"/><span
    @class(['max-[1199px]:hidden', 'max-[1499px]:hidden' => $isWordless])>{{ $words }}</span></button>
