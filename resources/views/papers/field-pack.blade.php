<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{ $plan->shoot->title }}: offline copy</title>
<style>body { font-family: system-ui, sans-serif; font-size: 16px; line-height: 1.4; color: #1b2422; background: #fffef8; margin: 0 auto; padding: 12px 16px 60px; max-width: 900px } @media (prefers-color-scheme: dark) { body { color: #e0b060; background: #0c0b09 } img { filter: invert(.88) hue-rotate(180deg) } .frames img { filter: none } } h1 { font-size: 1.4em; margin: 0 } h2 { font-size: 1.15em; border-bottom: 2px solid; margin: 28px 0 8px } h3 { font-size: 1em; margin: 18px 0 4px } nav a, a { color: inherit } nav { display: flex; flex-wrap: wrap; gap: 4px 16px } table { width: 100%; border-collapse: collapse; font-size: .92em } td, th { text-align: left; vertical-align: top; padding: 4px 8px 4px 0; border-bottom: 1px solid color-mix(in srgb, currentColor 25%, transparent) } img { max-width: 100%; height: auto } .wide { overflow-x: auto } .quiet { opacity: .75 } .frames { display: grid; grid-template-columns: repeat(auto-fill, minmax(260px, 1fr)); gap: 12px } figure { margin: 0 }</style></head><body>
<h1>{{ $plan->shoot->title }}</h1>
<p class="quiet">Version {{ $shoot->version }}, put together {{ now()->format('j M Y, H:i') }}. It does not update: for later changes, save it again.</p>
<nav>@foreach ($parts as $i => $part)<a href="#s{{ $i }}">{{ $part['work']->setup->setup->name }}</a>@endforeach</nav>
@foreach ($parts as $i => $part)
@php($work = $part['work'])
<h2 id="s{{ $i }}">{{ $work->setup->setup->name }}</h2>
<p>{{ $work->setup->location->name }}@if ($when = $work->when()) · {{ $when }}@endif · {{ $work->headline() }}</p>
<p><img src="{{ $part['floor'] }}" alt="The floor from above"></p>
<div class="frames">@foreach ($part['frames'] as $f)<figure><img src="{{ $f['image'] }}" alt="What {{ $f['frame']->label }} sees"><figcaption><b>{{ $f['frame']->label }}</b> {{ $f['frame']->headline() }} · {{ $f['frame']->stop() }}</figcaption></figure>@endforeach</div>
<h3>Positions</h3>
<div class="wide"><table>@foreach ($work->whereabouts()->positions() as $row)<tr><th>{{ $row['name'] }}</th><td>{{ $row['words'] }}</td></tr>@endforeach</table></div>
@if ($lamps = $work->light()->list())<h3>Lamps</h3>
<div class="wide"><table><tr><th>Lamp</th><th>Fixture and modifiers</th><th>On</th><th>Height</th><th>Aimed at</th><th>Dimmer</th><th>Colour</th></tr>@foreach ($lamps as $lamp)<tr><th>{{ $lamp['name'] }}{{ $lamp['on'] ? '' : ' (off)' }}</th><td>{{ $lamp['fixture'] }}</td><td>{{ $lamp['stand'] }}</td><td>{{ $lamp['height'] }}</td><td>{{ $lamp['aim'] }}</td><td>{{ $lamp['dim'] }}</td><td>{{ $lamp['kelvin'] }}</td></tr>@endforeach</table></div>@endif
@php($ears = $work->ears())
@if ($all = $ears->ears())<h3>Microphones</h3>
<div class="wide"><table>@foreach ($all as $ear)<tr><th>{{ $ear['name'] }}</th><td>{{ $ear['model'] }}</td><td>{{ $ear['for'] }}</td><td>{{ $ear['where'] }}</td><td>{{ $ear['distance'] }}</td></tr>@endforeach</table></div>@endif
@if ($mounts = $work->grip()->mounts())<h3>Grip</h3>
<div class="wide"><table>@foreach ($mounts as $row)<tr><th>{{ $row['name'] }}</th><td>{{ $row['on'] }}</td><td>{{ $row['by'] }}</td><td>{{ $row['height'] }}</td><td>{{ $row['ballast'] === 'none' ? '' : $row['ballast'].' of ballast' }}</td></tr>@endforeach</table></div>@endif
@php($safety = $work->safety())
@if ($ways = $safety->ways())<h3>Ways out</h3>
<div class="wide"><table>@foreach ($ways as $row)<tr><th>{{ $row['who'] }}</th><td>{{ $row['door'] }}, {{ $row['width'] }} at its narrowest</td><td>{{ $row['walk'] }}</td></tr>@endforeach</table></div>@endif
<h3>Cautions</h3>
<ul>@foreach ($safety->cautions() as $said)<li>{{ $said }}</li>@endforeach</ul>
<h3>Open findings</h3>
<ul>@foreach ($work->verdicts->findings as $finding)@continue($finding->severity === \FineFrame\Judge\Severity::Holds)<li><b>{{ $finding->severity->value }}:</b> {{ $work->phrase->finding($finding) }} <span class="quiet">{{ $work->phrase->why($finding) }}</span></li>@endforeach</ul>
@endforeach
</body></html>
