@php($crew = $work->crew())
<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $work->shoot->title }}: cards and cues</title>
<style>@page { margin: 12mm 13mm } body { font-family: Hyperlegible, "DejaVu Sans"; font-size: 9pt; color: #1b2422 } h1 { font-size: 14pt; margin: 0 } h2 { font-size: 10pt; margin: 4mm 0 1mm; border-bottom: .3mm solid #1b2422 } table { width: 100%; border-collapse: collapse } td, th { text-align: left; vertical-align: top; padding: .9mm 2mm .9mm 0; border-bottom: .15mm solid #d2cab8 } thead th { color: #56605c; font-weight: normal } .num { white-space: nowrap } .card { page-break-after: always } .card.last { page-break-after: auto } .cues td { font-size: 11pt; padding: 1.6mm 2mm 1.6mm 0 }</style></head><body>
@forelse ($crew->cards() as $card)
<div class="card @if ($loop->last) last @endif">
<h1>{{ $card['name'] }}</h1>
<p>{{ $work->setup->plan->shoot->title }}@if ($card['does']) · {{ $card['does'] }}@endif @if ($card['call']) · call <strong>{{ $card['call'] }}</strong>@endif</p>
@if ($card['posts'])<h2>At</h2>
<table>@foreach ($card['posts'] as $row)<tr><td>{{ $row['setup'] }}</td><td class="num">{{ $row['when'] }}</td><td><strong>{{ $row['what'] }}</strong></td><td>{{ $row['how'] }}</td></tr>@endforeach</table>@endif
@if ($card['cues'])<h2>Cues</h2>
<table class="cues"><thead><tr><th>At</th><th>Cue</th><th>Where</th><th>Count-in</th></tr></thead>@foreach ($card['cues'] as $row)<tr><td class="num">{{ $row['at'] }}</td><td><strong>{{ $row['what'] }}</strong></td><td>{{ $row['where'] }}</td><td>{{ $row['count'] }}</td></tr>@endforeach</table>@endif
@if (! $card['posts'] && ! $card['cues'])<p>No camera, microphone or cue assigned yet.</p>@endif
</div>
@empty<p>No crew yet.</p>@endforelse
</body></html>
