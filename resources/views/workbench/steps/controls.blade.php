@php($look = $bench->input()->look)
@php($edits = $bench->user->role->edits())
@php($tab = $bench->openTab())
@php($open = $bench->openPart())
@php($findings = $bench->findingsIn($bench->step))
<div class="bench-head"><h1>{{ $bench->step->label() }}</h1><p>{{ count($look->catalog->inStep($bench->step)) }} settings</p></div>
@if (count($bench->parts()) > 1)
<nav class="part-tabs" aria-label="Parts">@foreach ($bench->parts() as $part)<a class="part-tab" href="{{ $bench->address($bench->step->value) }}?open_part={{ urlencode($part) }}" hx-get="{{ $bench->address($bench->step->value) }}?open_part={{ urlencode($part) }}" hx-target="#bench" hx-swap="morph:innerHTML" @if ($part === $tab) aria-current="true" @endif>{{ Ikat\Core\Setting\Catalog\Parts::label($part) }}</a>@endforeach</nav>
@endif
@if ($findings !== [])
<ul class="step-findings" aria-label="Findings of this step">@foreach ($findings as $finding)<li><x-diamond :severity="$finding->severity()"/> <a class="act" href="{{ $bench->addressOf($finding) }}">{{ $finding->inWords($bench->input()) }}</a> <span>{{ $finding->measured() }}</span></li>@endforeach</ul>
@endif
@if ($bench->step === Ikat\Core\Setting\Step::Seasons)@include('workbench.steps.year')@endif
<section class="tool" aria-labelledby="p-tab"><h2 id="p-tab">{{ Ikat\Core\Setting\Catalog\Parts::label($tab) }}</h2>
  @foreach ($bench->settingsOf($tab) as $setting)
  @if ($setting->type === Ikat\Core\Setting\SettingType::Items)@include('workbench.parts.items', ['list' => $setting])@else
  @include('workbench.parts.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @endif
  @endforeach
</section>
@if ($open !== $tab)
<section class="tool item-tool" aria-labelledby="p-item"><h2 id="p-item">{{ Ikat\Core\Setting\Catalog\Parts::label($open) }}</h2>
  @foreach ($bench->settingsOf($open) as $setting)
  @include('workbench.parts.control', ['setting' => $setting, 'resolution' => $look->at($setting->path)])
  @endforeach
</section>
@endif
@include('workbench.parts.original')
