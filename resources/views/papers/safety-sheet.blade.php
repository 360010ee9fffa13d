@php($safety = $work->safety())
<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $work->shoot->title }}: safety</title>
<style>@page { margin: 12mm 13mm } body { font-family: Hyperlegible, "DejaVu Sans"; font-size: 9pt; color: #1b2422 } h1 { font-size: 14pt; margin: 0 } h2 { font-size: 10pt; margin: 4mm 0 1mm; border-bottom: .3mm solid #1b2422 } table { width: 100%; border-collapse: collapse } td, th { text-align: left; vertical-align: top; padding: .9mm 2mm .9mm 0; border-bottom: .15mm solid #d2cab8 } thead th { color: #56605c; font-weight: normal } .quiet { color: #56605c } .box { width: 5mm } .box div { width: 3mm; height: 3mm; border: .25mm solid #1b2422 }</style></head><body>
<h1>{{ $work->setup->plan->shoot->title }}: safety</h1>
<p>{{ $work->setup->location->name }} · {{ $work->setup->setup->name }}@if ($when = $work->when()) · {{ $when }}@endif</p>
<h2>Emergency contacts and address</h2>
<table>@foreach ($safety->place() as [$name, $said])<tr><td style="width: 62mm">{{ $name }}</td><td><strong>{{ $said }}</strong></td></tr>@endforeach</table>
<h2>Ways out</h2>
@if ($ways = $safety->ways())<table><thead><tr><th>Who</th><th>Way out</th><th>Narrowest</th><th>To walk</th></tr></thead>
@foreach ($ways as $row)<tr><td><strong>{{ $row['who'] }}</strong></td><td>{{ $row['door'] }}</td><td>{{ $row['width'] }}</td><td>{{ $row['walk'] }}</td></tr>@endforeach</table>
@else<p>No door is marked as a way out.</p>@endif
<p><img src="{{ $floor }}" style="width: {{ $floorMm }}mm"></p>
@if ($open = $safety->open())<h2>Still to fix</h2>
<table>@foreach ($open as $one)<tr><td class="box"><div></div></td><td><strong>{{ $one['said'] }}</strong> {{ $one['why'] }}</td></tr>@endforeach</table>@endif
<h2>Cautions</h2>
<table>@foreach ($safety->cautions() as $said)<tr><td class="box"><div></div></td><td>{{ $said }}</td></tr>@endforeach</table>
<h2>Assumed</h2>
<p>Assumes a hard, level floor, weights and ratings as entered in the kit, average loudness of voices and instruments, and nobody beyond those on the plan. Worked out from the plan: the venue’s rules, local codes and licensed people decide. On the day, anyone who sees a problem stops the work and says so.</p>
</body></html>
