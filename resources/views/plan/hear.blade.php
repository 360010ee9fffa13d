@php($desk = $work->hear())
@php($rows = $desk->rows())
@php($silence = $desk->silence($rows))
<div class="board-text hear" data-hear-board>
    @if ($silence !== '')
        <p class="why">{{ $silence }}</p>
    @else
        <p class="why">A synthetic voice or cello, played through this room: direct sound by distance and pattern, the nearest reflections, the reverb by octave. Furniture and people are not included: listen at the location before you rely on it.</p>
        <p class="hear-set">
            <label>Who plays <select data-hear-dry>
                <option value="{{ route('hear.dry', 'voice') }}" @selected($work->setup->isTalk())>a voice</option>
                <option value="{{ route('hear.dry', 'cello') }}" @selected(! $work->setup->isTalk())>a cello</option>
            </select></label>
            <label><input type="checkbox" data-hear-even checked> same loudness</label>
            <label><input type="checkbox" data-hear-noise="{{ route('hear.dry', 'noise') }}"> with location noise</label>
            <span role="status" data-hear-now></span>
        </p>
        <table class="rows colours"><caption>What each microphone hears</caption>
            <thead><tr><th scope="col">Microphone</th><th scope="col"><span class="sr">Listen</span></th><th scope="col">Direct, relative to 1 m</th><th scope="col">Direct over room</th><th scope="col">First reflection</th><th scope="col">Reverb</th></tr></thead>
            <tbody>@foreach ($rows as $row)<tr>
                <th scope="row">{{ $row['name'] }}<br><span class="why">{{ $row['as'] }}</span></th>
                <td><button type="button" aria-pressed="false" data-hear="{{ route('hear', array_filter(['shoot' => $work->shoot->id, 'microphone' => $row['id'], 'place' => $work->place(), 'edit' => $row['edit'], 'v' => $work->shoot->version])) }}" data-direct="{{ $row['gain'] }}" data-noise="{{ $row['noise'] }}">Listen<span class="sr"> to {{ $row['name'] }}, {{ $row['as'] }}</span></button></td>
                <td class="num">{{ $row['direct'] }}</td><td class="num">{{ $row['room'] }}</td><td class="num">{{ $row['first'] }}</td><td class="num">{{ $row['rings'] }}</td>
            </tr>@endforeach</tbody></table>
        <p class="why">Use headphones. Switching rows keeps the moment, so you can compare.</p>
    @endif
</div>
