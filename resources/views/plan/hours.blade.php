@php($desk = $work->day())
@php($day = $desk->day)
<div class="board-text rundown">
    @if ($day === null)
        <p class="why">The day’s hours are open. <a href="{{ $work->url(['stage' => 'brief', 'look' => null]) }}">Say when, in the Brief</a>, and the day is worked out from what the plan holds.</p>
    @else
        @php($drawn = $desk->drawing($day))
        <p><b>Call at {{ \FineFrame\Rundown\Clock::said($day->callMin) }}, done at {{ \FineFrame\Rundown\Clock::said($day->endMin()) }}</b>, by {{ $day->hands }} {{ $day->hands === 1 ? 'pair' : 'pairs' }} of hands. {{ $day->timetable->isBest() ? 'No order ends sooner.' : 'No order ends before '.\FineFrame\Rundown\Clock::said($day->callMin + $day->timetable->least).'.' }}</p>
        <div class="wide-table"><svg class="day" viewBox="0 0 {{ round($drawn['width'], 1) }} {{ round($drawn['height'], 1) }}" width="{{ round($drawn['width']) }}" height="{{ round($drawn['height']) }}" role="img" aria-label="The day as bars: each lane a place, each bar a task">
            @foreach ($drawn['lanes'] as $lane)<rect class="venue" x="{{ round($lane['opens'], 1) }}" y="{{ $lane['y'] }}" width="{{ round(max(0, $lane['shuts'] - $lane['opens']), 1) }}" height="{{ round(($loop->last ? $drawn['height'] - 4 : $drawn['lanes'][$loop->index + 1]['y']) - $lane['y'] - 4, 1) }}"/><text class="lane" x="2" y="{{ $lane['y'] + 20 }}">{{ \Illuminate\Support\Str::limit($lane['name'], 18, '…') }}</text>@endforeach
            @foreach ($drawn['hours'] as $hour)<path class="hour" d="M{{ round($hour['x'], 1) }} 18V{{ round($drawn['height'], 1) }}"/><text class="hour-words" x="{{ round($hour['x'], 1) }}" y="13" text-anchor="middle">{{ $hour['words'] }}</text>@endforeach
            {{-- How long each can wait lies under what comes after it. --}}
            @foreach ($drawn['bars'] as $bar)@if ($bar['tail'] > 0)<path class="tail" d="M{{ round($bar['x'] + $bar['width'], 1) }} {{ $bar['y'] + $bar['height'] / 2 }}h{{ round($bar['tail'], 1) }}"/>@endif @endforeach
            @foreach ($drawn['bars'] as $bar)<g class="{{ $bar['class'] }}"><title>{{ $bar['title'] }}</title><rect x="{{ round($bar['x'], 1) }}" y="{{ $bar['y'] }}" width="{{ round($bar['width'], 1) }}" height="{{ $bar['height'] }}"/>@if ($bar['words'] !== '')<text x="{{ round($bar['x'] + 5, 1) }}" y="{{ $bar['y'] + 15 }}">{{ $bar['words'] }}</text>@endif</g>@endforeach
        </svg></div>
        <div class="wide-table"><table class="rows power"><caption>Tasks, as they follow. Lengths are usual ones of ours until you type your own.</caption>
            <thead><tr><th scope="col">From</th><th scope="col">To</th><th scope="col">What</th><th scope="col">Minutes</th><th scope="col">Can wait</th><th scope="col">Because</th></tr></thead>
            <tbody>@foreach ($desk->rows($day) as $row)
                <tr @class(['is-over' => $row['isLate']])><td class="num">{{ $row['begins'] }}</td><td class="num">{{ $row['ends'] }}</td><th scope="row">{{ $row['name'] }}</th><td>
                    <x-act :work="$work" :to="route('day', $work->shoot->id)" :with="['task' => $row['id']]" class="inline" hx-trigger="change, submit"><input class="num short" name="minutes" value="{{ $row['minutes'] }}" inputmode="numeric" aria-label="Minutes of {{ $row['name'] }}" size="4"><noscript><button class="plain">Keep</button></noscript></x-act>
                    @if ($row['isTyped'])<x-act :work="$work" :to="route('day', $work->shoot->id)" :with="['task' => $row['id'], 'minutes' => '']" class="inline"><button class="plain">as usual</button></x-act>@endif
                </td><td class="num">{{ $row['slack'] }}</td><td class="why">{{ $row['why'] }}</td></tr>
            @endforeach</tbody></table></div>
        @error('minutes')<p class="error">{{ $message }}</p>@enderror
    @endif
    @include('plan.sheet', ['name' => 'tasks'])
</div>
