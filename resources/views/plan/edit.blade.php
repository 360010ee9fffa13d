@php($desk = $work->wrap())
@php($of = fn (string $what, array $more = []) => route('export.takes', ['shoot' => $work->shoot->id, 'what' => $what, 'stage' => 'wrap'] + $more))
<div class="board-text">
    <p class="acts"><a class="plain" href="{{ $of('csv') }}">Takes and marks (CSV)</a> <a class="plain" href="{{ $of('vtt') }}">Subtitles (WebVTT)</a> @foreach (['23.976', '24', '25', '29.97DF', '29.97NDF', '50', '59.94DF'] as $rate)<a class="plain" href="{{ $of('edl', ['rate' => $rate]) }}" aria-label="Markers (EDL) at {{ $rate }}">{{ $loop->first ? 'Markers (EDL) at ' : '' }}{{ $rate }}</a> @endforeach</p>
    <div class="wide-table"><table class="rows power"><caption>Takes as logged. Markers start at 01:00:00:00 with the first take.</caption>
        <thead><tr><th scope="col">Take</th><th scope="col">Lasts</th><th scope="col">Marks</th><th scope="col">Best sound</th></tr></thead>
        <tbody>@forelse ($desk->takes() as $take)<tr><th scope="row">{{ $take['take'] }}@if ($take['isGood']) <span class="why">good</span>@endif</th><td class="num">{{ $take['lasts'] }}</td><td>{{ $take['flags'] }}</td><td>{{ $take['best'] }}</td></tr>
        @empty<tr><td colspan="4">No takes yet: log them in Roll, on any device.</td></tr>@endforelse</tbody></table></div>
    @if ($pictures = $desk->pictures())<div class="wide-table"><table class="rows power"><caption>Pictures by topic.</caption>
        <thead><tr><th scope="col">Topic</th><th scope="col">Mentioned in</th><th scope="col">Picture</th><th scope="col">Where</th><th scope="col">Taken</th></tr></thead>
        <tbody>@foreach ($pictures as $row)<tr><th scope="row">{{ $row['topic'] }}</th><td>{{ $row['said'] === 0 ? '' : $row['said'].($row['said'] === 1 ? ' take' : ' takes') }}</td><td>{{ $row['picture'] }}</td><td>{{ $row['place'] }}</td><td>{{ $row['isTaken'] ? 'yes' : 'still to shoot' }}</td></tr>@endforeach</tbody></table></div>@endif
</div>
