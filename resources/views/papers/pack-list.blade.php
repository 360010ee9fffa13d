@php($desk = $work->pack())
<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $work->shoot->title }}: pack list</title>
<style>@page { margin: 12mm 13mm } body { font-family: Hyperlegible, "DejaVu Sans"; font-size: 9pt; color: #1b2422 } h1 { font-size: 14pt; margin: 0 } h2 { font-size: 10pt; margin: 4mm 0 1mm; border-bottom: .3mm solid #1b2422 } table { width: 100%; border-collapse: collapse } td, th { text-align: left; vertical-align: top; padding: .9mm 2mm .9mm 0; border-bottom: .15mm solid #d2cab8 } .num { width: 9mm } .box { width: 6mm } .box div { width: 3mm; height: 3mm; border: .25mm solid #1b2422 } .quiet { color: #56605c }</style></head><body>
<h1>{{ $work->setup->plan->shoot->title }}: pack list</h1>
<p>{{ $work->when() }}@if ($said = $desk->carried()) · {{ $said }}@endif</p>
@if ($desk->pack->cases !== [])
@foreach ($desk->cases() as $case)<h2>{{ $case['name'] }} <span class="quiet">{{ $case['kg'] }}</span></h2>
<table>@foreach ($case['things'] as $thing)<tr><td class="box"><div></div></td><td class="num"><strong>{{ $thing['count'] }}</strong></td><td>{{ $thing['name'] }}</td></tr>@endforeach</table>@endforeach
@if ($left = $desk->left())<h2>Not in a case</h2><table>@foreach ($left as $one)<tr><td class="box"><div></div></td><td>{{ $one }}</td></tr>@endforeach</table>@endif
@else
@foreach ($desk->list() as $group)<h2>{{ $group['kind'] }}</h2>
<table>@foreach ($group['items'] as $item)<tr><td class="box"><div></div></td><td class="num"><strong>{{ $item['count'] }}</strong></td><td>{{ $item['name'] }}</td><td class="quiet">{{ implode(' · ', array_map(fn ($w) => $w['setup'], $item['why'])) }}</td></tr>@endforeach</table>@endforeach
@endif
@php($short = array_filter(array_merge([], ...array_column($desk->list(), 'items')), fn ($i) => $i['short'] > 0))
@if ($short)<h2>Short</h2><table>@foreach ($short as $item)<tr><td class="num"><strong>{{ $item['short'] }}</strong></td><td>{{ $item['name'] }}</td></tr>@endforeach</table>@endif
</body></html>
