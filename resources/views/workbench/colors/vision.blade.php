<div class="sees" role="group" aria-label="See the shop window and the pairs with other eyes">
  <button type="button" class="act" data-sees="" aria-pressed="true">as it is</button>
  @foreach (Ikat\Core\Color\Vision::cases() as $vision)<button type="button" class="act" data-sees="{{ $vision->value }}" aria-pressed="false">{{ $vision->label() }}</button>@endforeach
</div>
@php($alike = array_filter($bench->findingsIn(Ikat\Core\Setting\StepKey::COLORS), fn ($f) => str_starts_with($f->key(), 'alike:') || str_starts_with($f->key(), 'link-like')))
@if ($alike === [])<p class="logo-note">Labels, messages and links stay apart with all of them.</p>@else<ul class="step-findings">@foreach ($alike as $finding)<li><x-diamond :severity="$finding->severity()"/> <a class="act" href="{{ $bench->addressOf($finding) }}">{{ $finding->inWords($input) }}</a> <span>{{ $finding->measured() }}</span></li>@endforeach</ul>@endif
