<nav class="steps flex items-center border-b border-edge bg-paper-2 px-1.5 [grid-area:steps]" id="steps" aria-label="Steps" @isset($oob) hx-swap-oob="morph" @endisset>
@foreach ($bench->steps->all() as $step)
  @php([$found, $gravest] = $bench->told()['steps'][$step->key()] ?? [0, null])
  @php($isApart = $step instanceof App\Workbench\Shell\StandsApart)
  @php($isNow = $step->key() === $bench->step->key())
  <a @class(['step group flex h-7 flex-auto items-center gap-1.75 pr-2.5 whitespace-nowrap last:grow-0', 'is-now pl-0' => $isNow, 'pl-2.5' => ! $isNow, 'is-apart grow-0' => $isApart])
    href="{{ $bench->address($step->key()) }}"
    hx-get="{{ $bench->address($step->key()) }}" @if ($isNow) aria-current="step" @endif>
    <span @class(['here inline-flex items-center gap-1.5 underline-offset-4 group-hover:underline', 'relative isolate h-6 px-5 font-semibold text-white' => $isNow])>{{ $step->label() }}
      @if ($found > 0)<x-diamond :severity="$gravest" :class="$isNow ? 'text-white!' : ''"/> <b>{{ $found }}</b>@endif</span></a>
@endforeach
</nav>
