<div class="table-panel">
    <table>
        <caption>Lighting list: position, height, aim and setting of each lamp.</caption>
        <thead><tr><th scope="col">Lamp</th><th scope="col">Does</th><th scope="col">Fixture</th><th scope="col">Stand</th><th scope="col">Height</th><th scope="col">Turned</th><th scope="col">Dimmer</th><th scope="col">Colour</th><th scope="col">Power</th><th scope="col">From two walls</th></tr></thead>
        <tbody>
            @foreach ($work->light()->list() as $row)
                <tr><th scope="row"><a href="{{ $work->url(['select' => $row['id']]) }}" hx-get="{{ $work->url(['select' => $row['id']]) }}" hx-swap="none">{{ $row['name'] }}</a>@unless ($row['on']) (off)@endunless</th><td>{{ $row['does'] }}</td><td>{{ $row['fixture'] }}</td><td>{{ $row['stand'] }}</td><td class="num">{{ $row['height'] }}</td><td class="num">{{ $row['aim'] }}</td><td class="num">{{ $row['dim'] }}</td><td class="num">{{ $row['kelvin'] }}</td><td class="num">{{ $row['watts'] }}</td><td>{{ $work->whereabouts()->walls($row['place']) }}</td></tr>
            @endforeach
        </tbody>
    </table>
    <p><b>{{ $work->light()->totals() }}</b></p>
    @foreach ($work->light()->walks() as $walk)
        <table>
            <caption>{{ $walk['name'] ?: 'A walk' }}: {{ $walk['who'] }}, {{ $walk['lamp'] === 'no lamp carried' ? $walk['lamp'] : 'with '.$walk['lamp'].' carried along' }}.</caption>
            <thead><tr><th scope="col">After</th><th scope="col">Face</th><th scope="col">Stops over target</th><th scope="col">Background over face</th><th scope="col">Blocked by</th></tr></thead>
            <tbody>@forelse ($walk['steps'] as $step)<tr><td class="num">{{ $step['share'] }}</td><td class="num">{{ $step['lux'] }}</td><td class="num">{{ $step['stops'] }}</td><td class="num">{{ $step['behind'] }}</td><td>{{ $step['boom'] }}</td></tr>@empty<tr><td colspan="5">This move leaves the room.</td></tr>@endforelse</tbody>
        </table>
    @endforeach
    @if ($shadows = $work->light()->silhouettes())
        <table>
            <caption>Shadows with a hard edge on walls.</caption>
            <thead><tr><th scope="col">Of</th><th scope="col">By</th><th scope="col">On</th><th scope="col">From</th><th scope="col">To</th><th scope="col">Edge</th><th scope="col">Seen by</th></tr></thead>
            <tbody>@foreach ($shadows as $shadow)<tr><th scope="row">{{ $shadow['thing'] }}</th><td>{{ $shadow['lamp'] }}</td><td>{{ $shadow['wall'] }}</td><td class="num">{{ $shadow['from'] }}</td><td class="num">{{ $shadow['to'] }}</td><td class="num">{{ $shadow['edge'] }}</td><td>{{ $shadow['cameras'] }}</td></tr>@endforeach</tbody>
        </table>
    @endif
    <p class="acts"><a class="plain" href="{{ route('export.contact', ['shoot' => $work->shoot->id, 'place' => $work->place(), 'stage' => 'light']) }}" target="_blank">Contact sheet, lamp by lamp (A4)</a></p>
    <p class="why">Hot lamps, ladders and mains: follow the maker’s ratings and the venue’s rules.</p>
    @include('plan.sheet', ['name' => 'walks'])
    @include('plan.sheet', ['name' => 'hazers'])
</div>
