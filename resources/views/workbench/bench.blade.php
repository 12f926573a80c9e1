<form id="state">
  <input type="hidden" name="seen" value="{{ $bench->look->head }}">
  <input type="hidden" name="step" value="{{ $bench->step->value }}">
  <input type="hidden" name="open_scheme" value="{{ $bench->scheme }}">
  <input type="hidden" name="open_path" value="{{ $bench->selected }}">
  <input type="hidden" name="open_part" value="{{ $bench->openPart() }}">
  <input type="hidden" name="open_knot" value="{{ $bench->knot }}">
  <input type="hidden" name="woven" value="{{ $bench->woven }}">
  <input type="hidden" name="open_finding" value="{{ $bench->opened }}">
</form>
@if ($bench->input()->missing !== null)<p class="missing" role="note"><x-diamond severity="stop"/> {{ $bench->input()->missing }} <a href="{{ $bench->address('start') }}">To Start</a></p>@endif
@if ($bench->step === Ikat\Core\Setting\Step::Colors)
@include('workbench.steps.colors')
@elseif ($bench->step === Ikat\Core\Setting\Step::Start)
@include('workbench.steps.start')
@elseif ($bench->step === Ikat\Core\Setting\Step::Logo)
@include('workbench.steps.logo')
@elseif ($bench->step === Ikat\Core\Setting\Step::Publish)
@include('workbench.steps.publish')
@else
@include('workbench.steps.controls')
@endif
