<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>Focus, camera {{ $take->camera() }}</title>
<style>@page { margin: 14mm } body { font-family: Hyperlegible, "DejaVu Sans"; font-size: 10pt; color: #1b2422 } h1 { font-size: 13pt; margin: 0 0 2mm } table { border-collapse: collapse; width: 100% } th, td { border: 0.3mm solid #1b2422; padding: 1.6mm 2mm; text-align: left } .d { font-size: 15pt; font-weight: bold } .quiet { color: #4c5a63 }</style></head>
<body>
<h1>{{ $title }}: focus of {{ $take->camera() }}, mark by mark</h1>
<p class="quiet">Lens to eyes, along the lens axis. Cut it out and stick it beside the focus ring; check against a tape on the day.</p>
<table><tr><th>#</th><th>At</th><th>Mark</th><th>Focus</th><th>Focus</th></tr>
@foreach ($take->strip() as $i => $row)<tr><td>{{ $i + 1 }}</td><td>{{ $row['clock'] }}</td><td>{{ $row['name'] }}</td><td class="d">{{ $row['metric'] }}</td><td class="d">{{ $row['imperial'] }}</td></tr>@endforeach
</table>
</body></html>
