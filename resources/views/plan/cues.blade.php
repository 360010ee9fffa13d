@php($desk = $work->cues())
<div class="board-text">
    <div class="wide-table"><table class="rows power"><caption>The song by its sections, at {{ $desk->timecode->rate }} frames a second from 01:00:00:00.</caption>
        <thead><tr><th scope="col">Section</th><th scope="col">Bar</th><th scope="col">Begins</th><th scope="col">Timecode</th><th scope="col">Lasts</th><th scope="col">Tempo</th><th scope="col">Leads</th></tr></thead>
        <tbody>@forelse ($desk->sections() as $row)
            <tr><th scope="row">{{ $row['name'] }}</th><td class="num">{{ $row['bar'] }}</td><td class="num">{{ $row['begins'] }}</td><td class="num">{{ $row['label'] }}</td><td class="num">{{ $row['lasts'] }}</td><td>{{ $row['tempo'] }}</td><td>{{ $row['leads'] }}</td></tr>
        @empty<tr><td colspan="7">No sections yet: type them below, or import a MIDI file with markers.</td></tr>@endforelse</tbody></table></div>
    @if ($cover = $desk->cover())
        <div class="wide-table"><table class="rows power cover-grid"><caption>Coverage by section: whose face each camera has, or who you assigned.</caption>
            <thead><tr><th scope="col">Section</th>@foreach ($desk->cameras() as $camera)<th scope="col">{{ $camera }}</th>@endforeach<th scope="col">Uncovered</th><th scope="col">Wide</th></tr></thead>
            <tbody>@foreach ($cover as $row)
                <tr @class(['is-over' => $row['open'] !== ''])><th scope="row">{{ $row['section'] }}</th>@foreach ($row['cells'] as $cell)<td>{{ $cell['on'] }}@if ($cell['isTwice']) <span class="why">(twice)</span>@endif</td>@endforeach<td><b>{{ $row['open'] }}</b></td><td>{{ $row['isSafe'] ? 'rolls' : 'none' }}</td></tr>
            @endforeach</tbody></table></div>
    @endif
    @if ($cues = $desk->cues())
        <div class="wide-table"><table class="rows power"><caption>Cues in order. The <a href="{{ $to = $work->url(['look' => 'live']) }}" hx-get="{{ $to }}" hx-swap="none">cue view</a> runs them live; everyone has their own on paper.</caption>
            <thead><tr><th scope="col">At</th><th scope="col">Timecode</th><th scope="col">Cue</th><th scope="col">Who</th><th scope="col">Where</th><th scope="col">Count-in</th></tr></thead>
            <tbody>@foreach ($cues as $row)<tr><td class="num">{{ $row['at'] }}</td><td class="num">{{ $row['label'] }}</td><th scope="row">{{ $row['what'] }}</th><td>{{ $row['who'] }}</td><td>{{ $row['where'] }}</td><td class="num">{{ $row['count'] }}</td></tr>@endforeach</tbody></table></div>
    @endif
    @if ($set = $desk->set())
        <div class="wide-table"><table class="rows power"><caption>The set, timed from the first note.</caption>
            <thead><tr><th scope="col">Song</th><th scope="col">Begins</th><th scope="col">Lasts</th><th scope="col">In the gap after</th></tr></thead>
            <tbody>@foreach ($set as $row)<tr><th scope="row">{{ $row['name'] }}</th><td class="num">{{ $row['begins'] }}</td><td class="num">{{ $row['lasts'] }}</td><td>{{ $row['restart'] }}</td></tr>@endforeach</tbody></table></div>
    @endif
    @if ($media = $desk->media())
        <div class="wide-table"><table class="rows power"><caption>Media needed for the day.</caption>
            <thead><tr><th scope="col">On</th><th scope="col">Rate</th><th scope="col">Size</th><th scope="col">Onto</th></tr></thead>
            <tbody>@foreach ($media as $row)<tr><th scope="row">{{ $row['name'] }}</th><td class="num">{{ $row['rate'] }}</td><td class="num">{{ $row['takes'] }}</td><td>cards for {{ $row['holds'] }}</td></tr>@endforeach</tbody></table></div>
        <p><b>{{ $desk->total() }}.</b></p>
        <p class="why">Data rates from the kit; 1 GB is 1,000,000,000 bytes. Counted for the minutes you plan to record, or the full shooting hours.</p>
    @endif
    @include('plan.song')
    @foreach (['cues', 'rolls', 'songs', 'cards', 'drives'] as $name)@include('plan.sheet', ['name' => $name])@endforeach
</div>
