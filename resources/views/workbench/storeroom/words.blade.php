{{-- Words in another language, under what they are in the first. --}}
@use('Ikat\Core\Language\ShopLanguage')
@php($language = new ShopLanguage((string) $row['language']))
<x-tool id="t-record" :title="'In '.$language->name()" :data-speaks="$language->code">
  <blockquote class="mb-2 max-h-40 overflow-auto border-l-2 border-ink-1 pl-2 whitespace-pre-line">{{ $row['original'] }}</blockquote>
  @include('workbench.storeroom.control', ['column' => $kind->columns['words'], 'class' => ''])
  <p class="text-[12px] text-ink-2">{{ $row['used_in'] === '' ? 'These words stand nowhere any more.' : "Stands in: {$row['used_in']}." }}
    @if ((string) $row['words'] === '' && $row['used_in'] !== '')Until
    somebody says it, the first language stands there. @endif @if ($row['used_in'] !== '')Where the original becomes other words, it waits to be said anew.@endif</p>
</x-tool>
