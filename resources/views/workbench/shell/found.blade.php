@forelse ($found as $i => $entry)
<li role="option" id="found-{{ $i }}" aria-selected="false" data-target="{{ $entry->target }}"><span>{{ $entry->title }}</span> <small>{{ $entry->kind }}</small></li>
@empty
<li class="none" role="option" aria-disabled="true" aria-selected="false">{{ $asked === '' ? 'Write a word, such as “button” or “logo size”.' : 'Nothing found. Try another word.' }}</li>
@endforelse
