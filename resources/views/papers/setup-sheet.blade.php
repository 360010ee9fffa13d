<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $work->setup->plan->shoot->title }}</title>
<style>
@page { margin: 12mm 13mm; } body { font-family: Hyperlegible, "DejaVu Sans"; font-size: 8.5pt; color: #1b2422; } h1 { font-size: 14pt; margin: 0; } h2 { page-break-after: avoid; font-size: 9.5pt; margin: 5mm 0 1.5mm; border-bottom: .3mm solid #1b2422; padding-bottom: 1mm; }
p { margin: 0 0 1mm; } .quiet { color: #56605c; } table { width: 100%; border-collapse: collapse; } td, th { text-align: left; vertical-align: top; padding: .9mm 2mm .9mm 0; border-bottom: .15mm solid #d2cab8; } .frames tr { page-break-inside: avoid; } .frames td { width: 50%; border: 0; } .worst { font-size: 10.5pt; } .state { width: 15mm; }
</style></head><body>
<h1>{{ $work->setup->plan->shoot->title }}</h1>
<p>{{ $work->setup->location->name }} · {{ $work->setup->setup->name }}@if ($when = $work->when()) · {{ $when }}@endif · <span class="worst">{{ $work->headline() }}</span></p>
<p><img src="{{ $floor }}" style="width: {{ $floorMm }}mm"></p>
<p class="quiet">Scale 1:{{ $scale }} when printed at 100 %. Ceiling {{ $reader->metres($work->setup->room->heightM) }}{{ $work->assumed()->has("/locations/{$work->setup->location->id}/space/height_m") ? ' ('.__('starting.assumed.mark').')' : '' }}. Check the bar with a ruler before you measure from paper.</p>
<h2>Positions</h2>
<table>
    @foreach ($work->whereabouts()->positions() as $row)<tr><th>{{ $row['name'] }}</th><td>{{ $row['words'] }}</td></tr>@endforeach
</table>
@if ($lamps = $work->light()->list())
<h2>Lamps</h2>
<table>
    <thead><tr><th>Lamp</th><th>Fixture and modifiers</th><th>On</th><th>Height</th><th>Aimed at</th><th>Dimmer</th><th>Colour</th></tr></thead>
    @foreach ($lamps as $lamp)<tr><th>{{ $lamp['name'] }}{{ $lamp['on'] ? '' : ' (off)' }}</th><td>{{ $lamp['fixture'] }}</td><td>{{ $lamp['stand'] }}</td><td>{{ $lamp['height'] }}</td><td>{{ $lamp['aim'] }}</td><td>{{ $lamp['dim'] }}</td><td>{{ $lamp['kelvin'] }}</td></tr>@endforeach
</table>
@endif
    @if ($restore = $work->whereabouts()->restore())
    <h2>To put back as found</h2>
    <table>@foreach ($restore as $row)<tr><th>{{ $row['name'] }}</th><td>{{ $row['words'] }}</td></tr>@endforeach</table>
    @endif
<h2>Frames</h2>
<table class="frames"><tr>
    @foreach ($frames as $i => $f)
        @if ($i > 0 && $i % 2 === 0)</tr><tr>@endif
        <td><p><strong>{{ $f['frame']->label }}</strong> {{ $f['frame']->headline() }} · {{ $f['frame']->stop() }}</p><img src="{{ $f['image'] }}" style="width: 86mm"></td>
    @endforeach
</tr></table>
<h2>Verdicts</h2>
<table>
    @foreach ($work->verdicts->findings as $finding)
        @continue($finding->severity === \FineFrame\Judge\Severity::Holds)
        <tr><td class="state"><strong>{{ $finding->severity->value }}</strong></td><td>{{ $work->phrase->finding($finding) }} <span class="quiet">{{ $work->phrase->why($finding) }}</span></td></tr>
    @endforeach
</table>
<h2>What holds</h2>
<table>
    @foreach ($work->held() as $stage => $count)<tr><th class="state">{{ ucfirst($stage) }}</th><td>{{ $count }} {{ $count === 1 ? 'check holds' : 'checks hold' }}</td></tr>@endforeach
</table>
<p class="quiet" style="margin-top: 4mm">Fine Frame plans; it does not certify. The maker’s rating, the venue, local codes and licensed people decide.</p>
</body></html>
