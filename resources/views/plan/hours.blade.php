@php($desk = $work->day())
@php($day = $desk->day)
<div class="board-text rundown">
    @if ($day === null)
        <p class="why">No shooting hours yet. <a href="{{ $work->url(['stage' => 'brief', 'look' => null]) }}">Set them in the Brief</a>, and the day is worked out from the plan.</p>
    @else
        @php($drawn = $desk->drawing($day))
        <p><b>Call at {{ \FineFrame\Rundown\Clock::said($day->callMin) }}, done at {{ \FineFrame\Rundown\Clock::said($day->endMin()) }}</b>, with {{ $day->hands }} {{ $day->hands === 1 ? 'person' : 'people' }}. {{ $day->timetable->isBest() ? 'No order of tasks ends sooner.' : 'No order of tasks ends before '.\FineFrame\Rundown\Clock::said($day->callMin + $day->timetable->least).'.' }}</p>
        @php($of = fn (string $name, array $more = []) => route("export.$name", ['shoot' => $work->shoot->id, 'place' => $work->place(), 'stage' => 'rundown'] + $more))
        <p class="acts">@foreach (['call' => 'Call sheet', 'cards' => 'Cards and cues'] as $name => $words)<a class="plain" href="{{ $of($name, ['paper' => 'a4']) }}" target="_blank">{{ $words }} (A4)</a> <a class="plain" href="{{ $of($name, ['paper' => 'letter']) }}" target="_blank" aria-label="{{ $words }}, Letter">Letter</a> @endforeach<a class="plain" href="{{ $of('calendar') }}">Calendar</a> <a class="plain" href="{{ $of('day') }}">Table (CSV)</a></p>
        <div class="wide-table"><svg class="day" data-day data-minute="{{ round($drawn['minute'], 4) }}" viewBox="0 0 {{ round($drawn['width'], 1) }} {{ round($drawn['height'], 1) }}" width="{{ round($drawn['width']) }}" height="{{ round($drawn['height']) }}" role="img" aria-label="The day as bars: each lane a place, each bar a task">
            @foreach ($drawn['lanes'] as $lane)<rect class="venue" x="{{ round($lane['opens'], 1) }}" y="{{ $lane['y'] }}" width="{{ round(max(0, $lane['shuts'] - $lane['opens']), 1) }}" height="{{ round(($loop->last ? $drawn['height'] - 4 : $drawn['lanes'][$loop->index + 1]['y']) - $lane['y'] - 4, 1) }}"/><text class="lane" x="2" y="{{ $lane['y'] + 20 }}">{{ \Illuminate\Support\Str::limit($lane['name'], 18, '…') }}</text>@endforeach
            @foreach ($drawn['dark'] as $dark)<rect class="dark" x="{{ round($dark['x'], 1) }}" y="18" width="{{ round($dark['width'], 1) }}" height="{{ round($drawn['height'] - 22, 1) }}"><title>dark</title></rect>@endforeach
            @foreach ($drawn['noises'] as $noise)<path class="noise" d="M{{ round($noise['x'], 1) }} {{ $noise['y'] }}h{{ round($noise['width'], 1) }}"><title>{{ $noise['title'] }}</title></path>@endforeach
            @foreach ($drawn['hours'] as $hour)<path class="hour" d="M{{ round($hour['x'], 1) }} 18V{{ round($drawn['height'], 1) }}"/><text class="hour-words" x="{{ round($hour['x'], 1) }}" y="13" text-anchor="middle">{{ $hour['words'] }}</text>@endforeach
            {{-- How long each can wait lies under what comes after it. --}}
            @foreach ($drawn['bars'] as $bar)@if ($bar['tail'] > 0)<path class="tail" d="M{{ round($bar['x'] + $bar['width'], 1) }} {{ $bar['y'] + $bar['height'] - 1 }}h{{ round($bar['tail'], 1) }}"/>@endif @endforeach
            @foreach ($drawn['bars'] as $bar)<g class="{{ $bar['class'] }}" tabindex="0" role="button" aria-label="{{ $bar['title'] }}" data-task="{{ $bar['id'] }}" data-begins="{{ $bar['begins'] }}" data-minutes="{{ $bar['minutes'] }}"><title>{{ $bar['title'] }}</title><rect x="{{ round($bar['x'], 1) }}" y="{{ $bar['y'] }}" width="{{ round($bar['width'], 1) }}" height="{{ $bar['height'] }}"/><text x="{{ round($bar['wordsX'], 1) }}" y="{{ $bar['y'] + 15 }}">{{ $bar['words'] }}</text></g>@endforeach
        </svg></div>
        <p class="why">@unless ($work->isShown())Drag a bar to when it may begin, its right end to how long it takes; or with it selected, use the arrow keys for five minutes, with Shift for the end. Moving a take moves its shooting hours. @endunless Grey: dark. Thick line above a lane: noise there.</p>
        <x-act :work="$work" :to="route('day', $work->shoot->id)" id="day-move" hidden><input name="task"><input name="minutes"><input name="begins"></x-act>
        <div class="wide-table"><table class="rows power"><caption>Tasks in order. Times are typical until you type your own.</caption>
            <thead><tr><th scope="col">From</th><th scope="col">To</th><th scope="col">What</th><th scope="col">Minutes</th><th scope="col">Slack</th><th scope="col">Because</th></tr></thead>
            <tbody>@foreach ($desk->rows($day) as $row)
                <tr @class(['is-over' => $row['isLate']])><td class="num">{{ $row['begins'] }}</td><td class="num">{{ $row['ends'] }}</td><th scope="row">{{ $row['name'] }}</th><td>
                    <x-act :work="$work" :to="route('day', $work->shoot->id)" :with="['task' => $row['id']]" class="inline" hx-trigger="change, submit"><input class="num short" name="minutes" value="{{ $row['minutes'] }}" inputmode="numeric" aria-label="Minutes of {{ $row['name'] }}" size="4"><noscript><button class="plain">Keep</button></noscript></x-act>
                    @if ($row['isTyped'])<x-act :work="$work" :to="route('day', $work->shoot->id)" :with="['task' => $row['id'], 'minutes' => '']" class="inline"><button class="plain">typical</button></x-act>@endif
                </td><td class="num">{{ $row['slack'] }}</td><td class="why">{{ $row['why'] }}</td></tr>
            @endforeach</tbody></table></div>
        @error('minutes')<p class="error">{{ $message }}</p>@enderror
    @endif
    @foreach (['crew', 'tasks'] as $name)@include('plan.sheet', ['name' => $name])@endforeach
</div>
