@php($desk = $work->cues())
<div class="board-text">
    <div class="wide-table"><table class="rows power"><caption>The song by its sections, at {{ $desk->timecode->rate }} pictures a second from 01:00:00:00.</caption>
        <thead><tr><th scope="col">Section</th><th scope="col">Bar</th><th scope="col">Begins</th><th scope="col">Timecode</th><th scope="col">Lasts</th><th scope="col">Tempo</th><th scope="col">Leads</th></tr></thead>
        <tbody>@forelse ($desk->sections() as $row)
            <tr><th scope="row">{{ $row['name'] }}</th><td class="num">{{ $row['bar'] }}</td><td class="num">{{ $row['begins'] }}</td><td class="num">{{ $row['label'] }}</td><td class="num">{{ $row['lasts'] }}</td><td>{{ $row['tempo'] }}</td><td>{{ $row['leads'] }}</td></tr>
        @empty<tr><td colspan="7">No section yet: type them below, or bring in a MIDI file with markers.</td></tr>@endforelse</tbody></table></div>
    @if ($media = $desk->media())
        <div class="wide-table"><table class="rows power"><caption>What is recorded, as long as the hours are.</caption>
            <thead><tr><th scope="col">On</th><th scope="col">Rate</th><th scope="col">For</th><th scope="col">Takes</th></tr></thead>
            <tbody>@foreach ($media as $row)<tr><th scope="row">{{ $row['name'] }}</th><td class="num">{{ $row['rate'] }}</td><td class="num">{{ $row['minutes'] }}</td><td class="num">{{ $row['takes'] }}</td></tr>@endforeach</tbody></table></div>
        <p><b>{{ $desk->total() }}.</b></p>
        <p class="why">Rates as the kit says; 1 GB is 1,000,000,000 bytes. As long as the hours are, rolling or not: what is paused takes less.</p>
    @endif
    @include('plan.song')
</div>
