@use('App\Workbench\Shell\FindBox')
@php($row = 'flex cursor-pointer justify-between gap-3 px-2.5 py-1.5 whitespace-normal hover:chosen aria-selected:chosen')
@forelse ($found as $i => $entry)
<li role="option" id="found-{{ $i }}" class="{{ $row }}" aria-selected="false" data-target="{{ $entry->target }}"><span class="min-w-0">{{ $entry->title }} <small
  class="block text-ink-2">{{ FindBox::note($entry, $bench) }}</small></span> <small class="text-ink-2">{{ $entry->kind }}</small></li>
@empty
<li role="option" class="px-2.5 py-1.5 whitespace-normal text-ink-2" aria-disabled="true"
  aria-selected="false">{{ $asked === '' ? 'Write a word, such as “button” or “logo size”.' : 'Nothing found. Try another word.' }}</li>
@endforelse
