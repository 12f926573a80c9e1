@include('workbench.storeroom.any')
@php($storefront = $panel->record()->storefront())
<p class="text-ink-2">Sells {{ number_format($storefront->goods()->count()) }} of {{ number_format($panel->count($panel->kinds['goods'])) }} goods, to {{ implode(', ', array_map(
  fn (string $code): string => (string) \Locale::getDisplayRegion("-$code", 'en'), $storefront->sellsTo())) }}.</p>
@php($without = $panel->record()->withoutPlace())
<x-tool id="t-without" title="What has no place here" :note="$without === [] ? 'all its looks lead to is shown' : count($without).' to change'">
  <ul class="grid gap-0.5">@foreach ($without as [$label, $address, $name])<li><a class="act font-normal" href="{{ $address }}" data-open>{{ $label }}</a> <span
    class="text-ink-2">{{ $name }}</span></li>@endforeach</ul>
</x-tool>
@if ($bench->user->role->tendsPeople())
<x-tool id="t-lock" title="Password of the locked shop" note="whoever has the one before must give the new one">
  <form class="flex items-end gap-2" hx-post="{{ $bench->address("storeroom/storefronts/$id/password") }}"><label class="grid flex-1 gap-0.5"><span
    class="text-small text-ink-2">new password; nothing for
    none</span><input class="entry" type="password" name="password" autocomplete="new-password" maxlength="72"></label><button class="act">Change it</button></form>
</x-tool>
<x-tool id="t-another" title="Another storefront" :note="'locked, with “'.$bench->look->name.'” copied across'">
  <form class="grid gap-1" hx-post="{{ $bench->address('storeroom/storefronts') }}" hx-trigger="submit"><label class="grid gap-0.5"><span class="text-small text-ink-2">name</span><input
    class="entry" name="name"
    maxlength="120" autocomplete="off"></label><label class="grid gap-0.5"><span class="text-small text-ink-2">address; from its name where nothing is said</span><input class="entry"
      name="address" maxlength="80"
    autocomplete="off"></label><p class="py-1"><button class="publish">Open it</button></p></form>
</x-tool>
@endif
