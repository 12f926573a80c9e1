@use('App\Workbench\Publish\JournalDrawing')
@use('Ikat\Core\Look\EntryKind')
@php($drawing = $panel->drawing())
@php($gists = $panel->gists())
@php($head = $bench->look->head)
@php($thread = 118)
@php($now = $drawing->now())
@php($time = fn (string $at): string => date('M j, g:i A', strtotime($at)))
@php($hours = function ($group) {
    [$from, $to] = [$group->lines[0]->at, $group->last()->at];

    return date('M j, g:i', strtotime($from)).($from === $to ? date(' A', strtotime($from)) : date(' – g:i A', strtotime($to)));
})
@php($count = fn (int $n): string => $n === 1 ? '1 edit' : "$n edits")
@php($held = $panel->holds() ? $drawing->at($panel->point) : $now)
@php($knots = array_map(fn ($line) => [$line->sequence, $drawing->at($line->sequence), $time($line->at)], $drawing->lines))
<div class="flex flex-wrap items-center gap-x-4 gap-y-0.75 pb-1">
  <label class="flex items-center gap-2">Find in it <input class="entry w-44" type="search" id="journal-search" name="open_search" value="{{ $panel->search }}" maxlength="80"
    hx-get="{{ $panel->address(['open_search' => '', 'open_until' => $head]) }}" hx-trigger="input changed delay:300ms, search"></label>
  @if ($drawing->first() > 1 && $panel->search === '')<a class="act" href="{{ $panel->address(['open_until' => $drawing->first() - 1]) }}"
    hx-get="{{ $panel->address(['open_until' => $drawing->first() - 1]) }}">earlier</a>@endif
  @if ($panel->until < $head)<a class="act" href="{{ $panel->address(['open_until' => $head]) }}" hx-get="{{ $panel->address(['open_until' => $head]) }}">to the latest</a>@endif
</div>
@if ($drawing->groups === [])
<p>{{ match (true) {
  $panel->search !== '' => 'No edit says that. Another word, or the name of who made it?',
  $head === 0 => 'Nothing was changed yet. Every edit will stand here, with what it did, and can be gone back to.',
  default => 'No edits here.',
} }}</p>
@else
<svg class="journal" viewBox="0 0 {{ JournalDrawing::WIDTH }} 236" width="{{ JournalDrawing::WIDTH }}" height="236" role="group" data-drawing data-journal data-head="{{ $head }}"
  data-thread="{{ json_encode($knots) }}" data-address="{{ $panel->address([]) }}"
  aria-label="{{ $count($panel->search === '' ? $head : count($drawing->lines)) }}, the latest on the right. The arrow keys go from group to group.">
  <path class="thread" d="M0 {{ $thread }}H{{ $now }}"/>
  @foreach ($drawing->groups as $placed)
  @php($group = $placed['group'])
  @php($gist = $group->gist())
  @php($last = $group->last()->sequence)
  @php($x = $placed['card'])
  @php($y = $placed['isAbove'] ? 8 : 154)
  @php($isHeld = $panel->point !== $head && $panel->point <= $last && $panel->point >= $group->lines[0]->sequence)
  @php($undone = $group->undone())
  @php($said = $count(count($group->lines)).($undone === 0 ? '' : ($undone === count($group->lines) ? ', undone' : ", $undone undone")))
  <path class="tie" d="M{{ $placed['middle'] }} {{ $placed['isAbove'] ? $thread - 9 : $thread + 9 }}V{{ $placed['isAbove'] ? 88 : 150 }}"/>
  <g @class(['group', 'is-held' => $isHeld, 'is-undone' => $undone === count($group->lines)]) role="link" data-mark data-press-keys tabindex="{{ $loop->last ? 0 : -1 }}"
    hx-get="{{ $panel->address(['open_point' => $last]) }}" @if ($isHeld) aria-current="true" @endif aria-label="{{ ucfirst($gist->says()) }}, {{ $group->author }}, {{ $hours($group) }}, {{ $said }}">
    <title>{{ ucfirst($gist->says()) }}, by {{ $group->author }}</title>
    <rect class="card" x="{{ $x - 3 }}" y="{{ $y - 3 }}" width="{{ JournalDrawing::CARD + 6 }}" height="80"/>
    @foreach ($group->lines as $line)
    <path @class(['line', 'is-undone' => $line->isUndone, 'is-way' => $line->kind !== EntryKind::Edit]) d="M{{ $drawing->ticks[$line->sequence] }} {{ $thread + ($placed['isAbove'] ? -8 : -2) }}v10"/>
    @endforeach
  </g>
  <g @class(['card-words', 'is-undone' => $undone === count($group->lines)]) aria-hidden="true">
    @isset($gists[$gist->sequence])
    @php($change = $gists[$gist->sequence])
    <x-before-after :$bench :setting="$bench->setting($change->path)" :before="$panel->comesTo($change->path, $change->before)" :after="$panel->comesTo($change->path, $change->after)"
      :x="$x" :y="$y" :w="JournalDrawing::CARD" :h="30"/>
    @else<rect class="card-none" x="{{ $x }}" y="{{ $y }}" width="{{ JournalDrawing::CARD }}" height="30"/>@endisset
    <text class="card-title" x="{{ $x }}" y="{{ $y + 44 }}">{{ Str::limit(ucfirst($gist->says()), 19, '…') }}</text>
    <text x="{{ $x }}" y="{{ $y + 58 }}">{{ $hours($group) }}</text>
    <text x="{{ $x }}" y="{{ $y + 71 }}">{{ Str::limit($group->author, 9, '…') }}, {{ $said }}</text>
  </g>
  @endforeach
  @foreach ($panel->releasesHere() as $release)
  @php($x = $drawing->at($release->sequence))
  @if ($x !== null && $release->sequence <= $panel->until)
  <g class="release-knot" role="link" data-mark data-press-keys tabindex="-1" hx-get="{{ $panel->address(['open_point' => $release->sequence]) }}"
    aria-label="Release {{ $release->number }}{{ $release->id === $bench->live()?->id ? ', live now' : '' }}"><title>Release {{ $release->number }}</title>
    <path @class(['is-live' => $release->id === $bench->live()?->id]) d="M{{ $x }} {{ $thread - 12 }}l4 4h4v4l4 4-4 4v4h-4l-4 4-4-4h-4v-4l-4-4 4-4v-4h4z"/>
    <text x="{{ $x }}" y="{{ $thread + 4 }}" text-anchor="middle">{{ $release->number }}</text></g>
  @endif
  @endforeach
  @foreach ($panel->keepsakes() as $keepsake)
  @php($x = $drawing->at($keepsake->sequence))
  @if ($x !== null && $keepsake->sequence <= $panel->until)
  @php($wide = 14 + 6 * mb_strlen(Str::limit($keepsake->name, 18, '…')))
  <g class="flag" role="link" data-mark data-press-keys tabindex="-1" hx-get="{{ $panel->address(['open_point' => $keepsake->sequence]) }}" aria-label="{{ $keepsake->name }}">
    <path class="pole" d="M{{ $x }} {{ $thread }}v-31"/><path class="cloth" d="M{{ $x }} {{ $thread - 31 }}h{{ $wide }}l-4 8 4 8h-{{ $wide }}z"/>
    <text x="{{ $x + 6 }}" y="{{ $thread - 19 }}">{{ Str::limit($keepsake->name, 18, '…') }}</text></g>
  @endif
  @endforeach
  @if ($held !== null)
  <g class="handle point-knot" role="slider" tabindex="0" data-point-knot data-value="{{ $panel->point }}" transform="translate({{ $held }} 0)" aria-label="Point that is looked at"
    aria-valuemin="{{ max(0, $drawing->first() - 1) }}" aria-valuemax="{{ $head }}" aria-valuenow="{{ $panel->point }}" aria-valuetext="{{ $panel->nameOf($panel->point) }}">
    <path class="knot-line" d="M0 {{ $thread - 26 }}v52"/><rect class="handle-room" x="-12" y="{{ $thread + 2 }}" width="24" height="26"/><rect class="knot-plate" x="-5" y="{{ $thread - 5 }}"
      width="10"
      height="10"/><text class="knot-words halo" x="0" y="{{ $thread + 25 }}" text-anchor="middle">{{ $panel->holds() ? Str::limit($panel->nameOf($panel->point), 16, '…') : 'now' }}</text></g>
  @endif
</svg>
@endif
