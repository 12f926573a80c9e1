@php($labels = $product->labels(now()))
@if ($labels !== [])<p class="labels" data-from="card.label">@foreach ($labels as $label)<span class="label label-{{ $label['kind'] }}">{{ $label['words'] }}</span>@endforeach</p>@endif
