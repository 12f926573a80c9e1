@php($palette = new Ikat\Core\Check\Palette($input->look, array_keys($theme->schemes)))
@php($rows = collect(Ikat\Core\Check\PairContrast::pairs($input))->map(fn ($pair) => [$pair, $palette->ratio($bench->scheme, $pair->ink, $pair->ground)])->sortBy(fn ($row) => $row[1] / $row[0]->target()))
<ul class="weave scheme-{{ $bench->scheme }}">
@foreach ($rows as [$pair, $ratio])
  @php($worn = isset($pair->places[$bench->scheme]))
  <li @class(['undyed' => ! $worn])><svg width="26" height="18" viewBox="0 0 26 18" aria-hidden="true"><rect width="26" height="18" fill="var(--{{ $pair->ground }})"/>@if ($pair->kind === 'text')<text x="13" y="13" text-anchor="middle" fill="var(--{{ $pair->ink }})">Aa</text>@else<rect x="5" y="4" width="16" height="10" fill="none" stroke="var(--{{ $pair->ink }})" stroke-width="2"/>@endif</svg>
  <span>{{ $pair->title() }}{{ $pair->large ? ', large' : '' }}</span> <b>{{ Ikat\Core\Check\ContrastFinding::say($ratio) }}</b> @if ($ratio < $pair->target())<x-diamond :severity="! $worn ? 'know' : ($pair->kind === 'text' ? 'stop' : 'fix')"/>@endif</li>
@endforeach
</ul>
