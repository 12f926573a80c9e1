@use('Ikat\Core\Type\FontKind')
<p class="text-[12.5px]"><b>{{ $facts->name }}</b>, {{ $facts->kind->value }}{{ $facts->isItalic ? ', italic' : '' }}, {{ count($facts->weights) > 1 ? 'weights '.min($facts->weights).' to '
  .max($facts->weights) : 'weight '.$facts->weights[0] }}; {{ count($facts->font->characters) }} characters.</p>
@if ($facts->lacks() !== [])<p class="text-[12.5px]"><b>It has no</b> {{ implode(', ', $facts->lacks()) }}: where those are asked for, another family or a file of its own is needed.</p>@endif
<p class="text-[12.5px]"><b>What the font says of its use:</b> {{ $facts->license->inWords() }}</p>
<label class="grid gap-0.5 text-[12.5px]">Its kind, told by the font, which may be wrong <select name="kind">@foreach (FontKind::cases() as $kind)<option
  value="{{ $kind->value }}" @selected($kind === $facts->kind)>{{ $kind->value }}</option>@endforeach</select></label>
<label class="flex items-baseline gap-2 py-1 text-[12.5px]"><input type="checkbox" name="confirmed" value="yes" required> This shop may use it on its pages: I have its license.</label>
@if ($fonts->isNotEmpty())
<label class="grid gap-0.5 text-[12.5px]">In place of <select name="instead"><option value="">none, beside them</option>@foreach ($fonts as $font)<option
  value="{{ $font->key }}">{{ $font->name }}</option>@endforeach</select></label>
@endif
<button class="act">Keep it</button>
