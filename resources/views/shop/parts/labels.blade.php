@php($labels = $shop->labels($product))
@if ($labels !== [])<p class="labels" data-from="card.label">@foreach ($labels as $label)<span
  class="label label-{{ $label['kind'] }}">{{ $shop->say($label['said'], $label['with']) }}</span>@endforeach</p>@endif
