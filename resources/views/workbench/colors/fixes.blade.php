@if ($edits)
@php($fixes = $panel->fixes($finding))
<div class="fixes">
  @foreach ($fixes as $fix)
  <button type="button" class="fix" hx-post="{{ $bench->address('edits') }}" hx-vals="{{ json_encode(['changes' => json_encode($fix->changes)]) }}">
    <svg viewBox="0 0 120 26" aria-hidden="true"><rect width="120" height="26" fill="{{ $finding->groundColor }}"/><text x="10" y="18" fill="{{ $finding->inkColor }}">Aa 30</text><path d="M57 13h8m-3-3 3 3-3 3" fill="none" stroke="{{ $finding->inkColor }}"/><rect x="72" width="48" height="26" fill="{{ $fix->ground }}"/><text x="76" y="18" fill="{{ $fix->ink }}">Aa 30</text></svg>
    <b>{{ $fix->title }}</b><span>{{ $fix->words }}</span>
  </button>
  @endforeach
</div>
@if ($fixes === [])<p class="finding-where">{{ $panel->whyUnmended($finding) }}</p>@endif
@endif
