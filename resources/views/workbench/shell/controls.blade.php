@php($look = $bench->inspection()->look)
@php($edits = $bench->edits())
@php($tab = $panel->tab)
@php($open = $panel->part)
@php($findings = $bench->findingsIn($bench->step->key()))
<div class="bench-head"><h1>{{ $bench->step->label() }}</h1><p>{{ $panel->count() }} settings</p></div>
@if (count($panel->parts()) > 1)
<nav class="part-tabs" aria-label="Parts">@foreach ($panel->parts() as $part)<a class="part-tab" href="{{ $bench->address($bench->step->key()) }}?open_part={{ urlencode($part) }}" hx-get="{{ $bench->address($bench->step->key()) }}?open_part={{ urlencode($part) }}" @if ($part === $tab) aria-current="true" @endif>{{ Ikat\Core\Setting\Catalog\Parts::label($part) }}</a>@endforeach</nav>
@endif
@if ($findings !== [])
<ul class="step-findings" aria-label="Findings of this step">@foreach ($findings as $finding)<li><x-diamond :severity="$finding->severity()"/> <a class="act" href="{{ $bench->addressOf($finding) }}">{{ $finding->inWords($bench->inspection()) }}</a> <span>{{ $finding->measured() }}</span></li>@endforeach</ul>
@endif
@isset($drawing)@include($drawing)@endisset
<section class="tool" aria-labelledby="p-tab"><h2 id="p-tab">{{ Ikat\Core\Setting\Catalog\Parts::label($tab) }}</h2>
  @foreach ($panel->settingsOf($tab) as $setting)
  @if ($setting->type instanceof Ikat\Core\Setting\Type\ItemsType)@include('workbench.shell.items', ['list' => $setting])@else
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @endif
  @endforeach
</section>
@if ($open !== $tab)
<section class="tool item-tool" aria-labelledby="p-item"><h2 id="p-item">{{ Ikat\Core\Setting\Catalog\Parts::label($open) }}</h2>
  @foreach ($panel->settingsOf($open) as $setting)
  @include('workbench.shell.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @endforeach
</section>
@endif
@include('workbench.shell.original')
