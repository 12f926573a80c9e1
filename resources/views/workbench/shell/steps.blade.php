<nav class="steps" id="steps" aria-label="Steps" @isset($oob) hx-swap-oob="morph" @endisset>
@foreach ($bench->steps->all() as $step)
  @php($found = $bench->findingsIn($step->key()))
  @php($isNow = $step->key() === $bench->step->key())
  <a @class(['step', 'is-now' => $isNow]) href="{{ $bench->address($step->key()) }}" hx-get="{{ $bench->address($step->key()) }}" hx-push-url="true" @if ($isNow) aria-current="step" @endif>
    <span class="here">{{ $step->label() }}@if ($found !== []) <x-diamond :severity="$found[0]->severity()"/> <b>{{ count($found) }}</b>@endif</span></a>
@endforeach
</nav>
