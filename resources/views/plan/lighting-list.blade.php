<div class="table-panel">
    <table>
        <caption>Lighting list: what stands where, how high, turned which way, and how it is set.</caption>
        <thead><tr><th scope="col">Lamp</th><th scope="col">Fixture</th><th scope="col">Stand</th><th scope="col">Height</th><th scope="col">Turned</th><th scope="col">Dimmer</th><th scope="col">Colour</th><th scope="col">Power</th><th scope="col">From two walls</th></tr></thead>
        <tbody>
            @foreach ($work->light()->list() as $row)
                <tr><th scope="row"><a href="{{ $work->url(['select' => $row['id']]) }}" hx-get="{{ $work->url(['select' => $row['id']]) }}" hx-swap="none">{{ $row['name'] }}</a>@unless ($row['on']) (off)@endunless</th><td>{{ $row['fixture'] }}</td><td>{{ $row['stand'] }}</td><td class="num">{{ $row['height'] }}</td><td class="num">{{ $row['aim'] }}</td><td class="num">{{ $row['dim'] }}</td><td class="num">{{ $row['kelvin'] }}</td><td class="num">{{ $row['watts'] }}</td><td>{{ $work->whereabouts()->walls($row['place']) }}</td></tr>
            @endforeach
        </tbody>
    </table>
    <p><b>{{ $work->light()->totals() }}</b></p>
    <p class="acts"><a class="plain" href="{{ route('export.contact', ['shoot' => $work->shoot->id, 'place' => $work->place(), 'stage' => 'light']) }}" target="_blank">Contact sheet, lamp by lamp (A4)</a></p>
    <p class="why">Hot lamps, ladders and mains: keep to the maker’s rating and the venue’s rules.</p>
</div>
