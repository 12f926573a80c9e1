<section class="sheet" id="sheet" aria-label="Sheet" @isset($oob) hx-swap-oob="morph" @endisset @if ($panel->sheet() === null)
  hidden @endif>@if ($panel->sheet() !== null)@include($panel->sheet())@endif</section>
