@php($desk = $work->ears())
@php($radio = new \FineFrame\Judge\RadioPlan($work->setup))
@php($sheet = new \FineFrame\Judge\TrackSheet($work->setup))
<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $work->shoot->title }}: sound</title>
<style>@page { margin: 12mm 13mm } body { font-family: Hyperlegible, "DejaVu Sans"; font-size: 8.5pt; color: #1b2422 } h1 { font-size: 14pt; margin: 0 } h2 { font-size: 9.5pt; margin: 4mm 0 1mm; border-bottom: .3mm solid #1b2422 } table { width: 100%; border-collapse: collapse } td, th { text-align: left; vertical-align: top; padding: .8mm 2mm .8mm 0; border-bottom: .15mm solid #d2cab8 } thead th { color: #56605c; font-weight: normal } .quiet { color: #56605c }</style></head><body>
<h1>{{ $work->setup->plan->shoot->title }}: sound</h1>
<p>{{ $work->setup->location->name }} · {{ $work->setup->setup->name }}@if ($when = $work->when()) · {{ $when }}@endif</p>
<h2>Tracks and levels</h2>
<table><thead><tr><th>To</th><th>Input</th><th>Voice</th><th>Microphone</th><th>Gain, about</th><th>Headroom over peaks</th><th>Float</th></tr></thead>
@foreach ($desk->levels() as $row)<tr><td>{{ $row['recorder'] }}</td><td>{{ $row['input'] }}</td><td><strong>{{ $row['voice'] }}</strong></td><td>{{ $row['source'] }}</td><td>{{ $row['gain'] }}</td><td>{{ $row['headroom'] }}</td><td>{{ $row['float'] ? 'yes' : 'no' }}</td></tr>@endforeach</table>
<h2>Microphones</h2>
<table><thead><tr><th>Name</th><th>Model</th><th>For</th><th>Where</th><th>Away</th><th>Wind protection</th></tr></thead>
@foreach ($desk->ears() as $ear)<tr><td><strong>{{ $ear['name'] }}</strong></td><td>{{ $ear['model'] }}</td><td>{{ $ear['for'] }}</td><td>{{ $ear['where'] }}</td><td>{{ $ear['distance'] }}</td><td>{{ $ear['cover'] }}</td></tr>@endforeach</table>
@if ($runs = $desk->cables())<h2>Cables</h2>
<table><thead><tr><th>From</th><th>To</th><th>As laid</th><th>By</th><th>Adapter</th><th>Tape at</th></tr></thead>@foreach ($runs as $run)<tr><td>{{ $run['from'] }}</td><td>{{ $run['to'] }}</td><td>{{ $run['need'] }}</td><td>{{ $run['leads'] }}</td><td>{{ $run['adapter'] }}</td><td>{{ $run['doors'] }}</td></tr>@endforeach</table>@endif
@if ($radio->links !== [])<h2>Wireless links</h2>
<table><thead><tr><th>Link</th><th>Carries</th><th>Frequency</th><th>Margin at the antenna</th></tr></thead>
@php($left = array_column($desk->links(), 'margin', 'link'))
@foreach ($radio->links as $link)<tr><td><strong>{{ $link->text('name') }}</strong></td><td>{{ $link->text('carries') }}</td><td>{{ $link->number('set_mhz') === null ? 'open' : number_format($link->number('set_mhz'), 3).' MHz' }}</td><td>{{ $left[$link->text('name')] ?? '' }}</td></tr>@endforeach</table>
<p class="quiet">Check with the regulator which bands you may use here. Scan again on the day.</p>@endif
@if ($sheet->tracks !== [])<h2>If one thing fails</h2>
<table>@foreach ($sheet->voices() as $id => $name)<tr><td><strong>{{ $name }}</strong></td><td>{{ $sheet->left($id) }} ways; {{ $sheet->alone($id) === [] ? 'no single point of failure' : 'lost without '.implode(', ', $sheet->alone($id)) }}</td></tr>@endforeach</table>@endif
@php($quiet = $desk->quiet())
<h2>Quiet times of day</h2>
<p>{{ $quiet['windows'] === [] ? 'None.' : implode('; ', $quiet['windows']).'.' }}</p>
<h2>To watch</h2>
<table>@foreach ($work->verdicts->findings as $finding)@continue($finding->severity === \FineFrame\Judge\Severity::Holds || $finding->stage !== \FineFrame\Judge\Stage::Sound)<tr><td><strong>{{ $finding->severity->value }}</strong></td><td>{{ $work->phrase->finding($finding) }} <span class="quiet">{{ $work->phrase->why($finding) }}</span></td></tr>@endforeach</table>
<p class="quiet">Levels are averages for voices and instruments. Set gain in rehearsal, with headphones on.</p>
</body></html>
