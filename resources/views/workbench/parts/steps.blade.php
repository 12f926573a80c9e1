<nav class="steps" id="steps" aria-label="Steps" @isset($oob) hx-swap-oob="morph" @endisset>
@foreach (Ikat\Core\Setting\Step::cases() as $step)
  <a @class(['step', 'is-now' => $step === $bench->step]) href="{{ $bench->address($step->value) }}" hx-get="{{ $bench->address($step->value) }}" hx-target="#bench" hx-swap="morph:innerHTML" hx-push-url="true" @if ($step === $bench->step) aria-current="step" @endif><span class="here">{{ $step->label() }}@php($found = $bench->findingsIn($step))@if ($found !== []) <x-diamond :severity="$found[0]->severity()"/> <b>{{ count($found) }}</b>@endif</span></a>
@endforeach
</nav>
