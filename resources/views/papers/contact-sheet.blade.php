<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>What each lamp does</title>
<style>@page { margin: 12mm } body { font-family: Hyperlegible, "DejaVu Sans"; font-size: 8.5pt; color: #1b2422 } h1 { font-size: 13pt; margin: 0 0 2mm } table { border-collapse: collapse; width: 100%; page-break-inside: avoid; margin-bottom: 3mm } th { text-align: left; padding: 0 0 1mm } td { padding: 0 2mm 1mm 0; vertical-align: top } .quiet { color: #4c5a63 }</style></head>
<body>
<h1>{{ $title }}: what each lamp does</h1>
<p class="quiet">One exposure throughout: darker frames are darker. Computed from the plan; check by meter on the day.@if ($left > 0) {{ $left }}more lamps are not shown.@endif</p>
@foreach ($rows as $row)
<table><tr><th colspan="{{ max(1, count($row['images'])) }}">{{ $row['name'] }}: {{ $row['faces'] }}</th></tr>
<tr>@foreach ($row['images'] as $image)<td><img src="{{ $image }}" style="width: {{ round(186 / max(1, count($row['images'])) - 3, 1) }}mm"></td>@endforeach</tr></table>
@endforeach
</body></html>
