@php($crew = $work->crew())
@php($desk = $work->day())
<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $work->shoot->title }}: call sheet</title>
<style>@page { margin: 12mm 13mm } body { font-family: Hyperlegible, "DejaVu Sans"; font-size: 9pt; color: #1b2422 } h1 { font-size: 14pt; margin: 0 } h2 { font-size: 10pt; margin: 4mm 0 1mm; border-bottom: .3mm solid #1b2422 } table { width: 100%; border-collapse: collapse } td, th { text-align: left; vertical-align: top; padding: .9mm 2mm .9mm 0; border-bottom: .15mm solid #d2cab8 } thead th { color: #56605c; font-weight: normal } .num { white-space: nowrap } .call { font-size: 17pt; font-weight: bold; margin: 1mm 0 }</style></head><body>
<h1>{{ $work->setup->plan->shoot->title }}: call sheet</h1>
@if ($desk->day)
<p class="call">{{ \App\View\Reader::day($desk->day->date) }}, call {{ \FineFrame\Rundown\Clock::said($desk->day->callMin) }}</p>
@else<p>No shooting hours set yet.</p>@endif
<table>@foreach ($crew->facts() as [$name, $said])<tr><td style="width: 42mm">{{ $name }}</td><td><strong>{{ $said }}</strong></td></tr>@endforeach</table>
@if ($calls = $crew->calls())<h2>Crew</h2>
<table><thead><tr><th>Who</th><th>Call</th><th>Until</th><th>Does</th><th>Contact</th></tr></thead>
@foreach ($calls as $row)<tr><td><strong>{{ $row['name'] }}</strong></td><td class="num">{{ $row['call'] }}</td><td class="num">{{ $row['until'] }}</td><td>{{ $row['does'] }}</td><td>{{ $row['contact'] }}</td></tr>@endforeach</table>@endif
@if ($cast = $crew->cast())<h2>Cast</h2>
<table>@foreach ($cast as $row)<tr><td><strong>{{ $row['name'] }}</strong></td><td>{{ $row['plays'] }}</td><td>{{ $row['notes'] }}</td></tr>@endforeach</table>@endif
@if ($desk->day)<h2>The day</h2>
<table><thead><tr><th>From</th><th>To</th><th>What</th><th>Slack</th></tr></thead>
@foreach ($desk->rows($desk->day) as $row)<tr><td class="num">{{ $row['begins'] }}</td><td class="num">{{ $row['ends'] }}</td><td><strong>{{ $row['name'] }}</strong></td><td class="num">{{ $row['slack'] }}</td></tr>@endforeach</table>@endif
@if ($asked = $crew->asked())<h2>Permissions still open</h2>
<table>@foreach ($asked as $row)<tr><td><strong>{{ $row['what'] }}</strong></td><td>{{ $row['who'] }}</td><td>{{ $row['state'] }}</td><td>{{ $row['due'] === '' ? '' : 'by '.\App\View\Reader::day($row['due']) }}</td></tr>@endforeach</table>@endif
</body></html>
