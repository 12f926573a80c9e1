@if ($edits)
@php($fixes = $panel->fixes($finding))
<div class="fixes grid grid-cols-[repeat(auto-fill,minmax(118px,1fr))] gap-2">
  @foreach ($fixes as $fix)
  <x-edit look="fix grid cursor-pointer content-start gap-0.5 border border-edge bg-surface pb-1.25 text-left hover:border-blue hover:shadow-[0_0_0_1px_var(--color-blue)]" :$bench
    :changes="$fix->changes">
    <svg class="h-auto w-full text-[13px] font-bold" viewBox="0 0 120 26" aria-hidden="true"><rect width="120" height="26" fill="{{ $finding->groundColor }}"/><text x="10" y="18"
      fill="{{ $finding->inkColor }}">Aa 30</text>
      <path d="M57 13h8m-3-3 3 3-3 3" fill="none" stroke="{{ $finding->inkColor }}"/>
      <rect x="72" width="48" height="26" fill="{{ $fix->ground }}"/><text x="76" y="18" fill="{{ $fix->ink }}">Aa 30</text></svg>
    <b class="px-1.75 text-[12px]/3.75">{{ $fix->title }}</b><span class="px-1.75 text-mini text-ink-2">{{ $fix->words }}</span>
  </x-edit>
  @endforeach
</div>
@if ($fixes === [])<p class="mb-1.25 text-[12px] text-ink-2">{{ $panel->whyUnmended($finding) }}</p>@endif
@endif
