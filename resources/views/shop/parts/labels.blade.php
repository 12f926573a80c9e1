@php($labels = $shop->labels($product))
@if ($labels !== [])<p class="labels" data-from="card.label">@foreach ($labels as $label)<span class="label label-{{ $label['kind'] }}">{{ $label['text'] }}</span>@endforeach</p>@endif
