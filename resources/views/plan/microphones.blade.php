@php($desk = $work->ears())
<div class="board-text">
    @foreach ($desk->booms() as $boom)
        <section class="boom-study"><h3>{{ $boom['name'] }}: nearest {{ $boom['nearest'] }}</h3>
            <p>{{ $boom['costs'] === [] ? 'No frame limits it.' : implode('; ', $boom['costs']).'.' }} Limited by {{ $boom['limit'] }}.</p>
            @if ($boom['won'] !== '')<x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => $boom['edit']]" class="inline"><button class="keep show">{{ ucfirst($boom['mend']) }}: {{ $boom['won'] }} back</button></x-act>@endif
        </section>
    @endforeach
    @if ($ears = $desk->ears())
        <div class="wide-table"><table class="rows colours"><caption>What each microphone hears; off-axis loss by octave</caption>
            <thead><tr><th scope="col">Microphone</th><th scope="col">For</th><th scope="col">Where</th><th scope="col">Away</th><th scope="col">Hears</th>@foreach (\App\View\EarDesk::bandNames() as $band)<th scope="col">{{ $band }}</th>@endforeach</tr></thead>
            <tbody>@foreach ($ears as $ear)<tr><th scope="row">{{ $ear['name'] }}<br><span class="why">{{ $ear['model'] }}</span></th><td>{{ $ear['for'] }}</td><td>{{ $ear['where'] }}</td><td class="num">{{ $ear['distance'] }}</td><td class="num">{{ $ear['level'] }}</td>@foreach ($ear['bands'] as $band)<td class="num">{{ $band }}</td>@endforeach</tr>@endforeach</tbody></table></div>
    @endif
    @if ($levels = $desk->levels())
        <div class="wide-table"><table class="rows colours"><caption>Level plan: average at −20 dBFS</caption>
            <thead><tr><th scope="col">From</th><th scope="col">Voice</th><th scope="col">To</th><th scope="col">Input</th><th scope="col">Level</th><th scope="col">Gives</th><th scope="col">Gain</th><th scope="col">Headroom over peaks</th><th scope="col">Above self-noise</th><th scope="col">Float</th></tr></thead>
            <tbody>@foreach ($levels as $row)<tr><th scope="row">{{ $row['source'] }}</th><td>{{ $row['voice'] }}</td><td>{{ $row['recorder'] }}</td><td class="num">{{ $row['input'] }}</td><td class="num">{{ $row['level'] }}</td><td class="num">{{ $row['gives'] }}</td><td class="num">{{ $row['gain'] }}</td><td class="num">{{ $row['headroom'] }}</td><td class="num">{{ $row['hiss'] }}</td><td>{{ $row['float'] ? 'yes' : 'no' }}</td></tr>@endforeach</tbody></table></div>
    @endif
    @foreach (['mics', 'microphones'] as $name)@include('plan.sheet', ['name' => $name])@endforeach
    <p class="acts"><a class="plain" href="{{ route('export.sound', ['shoot' => $work->shoot->id, 'place' => $work->place(), 'stage' => 'sound']) }}" target="_blank">Sound sheet (A4)</a></p>
</div>
