@php($sun = $work->scout()->sun())
<section id="strip" class="strip" aria-label="The sun on this date" @isset($oob) hx-swap-oob="morph" @endisset>
    @if ($sun === null)
        <p class="why">To see the sun’s path, enter latitude and longitude on the location card, and a date in the Brief.</p>
    @else
        @php($step = $sun->steps()[$sun->opening()])
        <div class="sun-bar">
            <button type="button" class="plain" data-sun-play aria-pressed="false">Play the day</button>
            <label>Time <input type="range" min="0" max="{{ count($sun->steps()) - 1 }}" value="{{ $sun->opening() }}" data-sun-time aria-label="Time of day"></label>
            <output data-sun-now class="num"><b>{{ $step['clock'] }}</b> sun {{ $step['altitude'] }} high, at {{ $step['bearing'] }}, {{ $step['sky'] }}</output>
            @if ($cloud = $work->scout()->forecast())<span class="why">Forecast: {{ $cloud }}</span>@endif
            <script type="application/json" data-sun-steps>@json($sun->steps(), JSON_HEX_TAG)</script>
        </div>
        <svg class="sun-chart" viewBox="0 0 720 {{ $sun->height() }}" role="img" aria-label="The sun’s altitude over the day, and what it reaches">
            <path class="sun-horizon" d="M{{ \App\View\Drawing\SunDrawing::LEFT }} {{ $sun->horizon() }}H712"/>
            <path class="sun-arc" d="{{ $sun->arc() }}"/>
            <path class="sun-now" data-sun-line d="M0 0V{{ $sun->height() }}" transform="translate({{ \App\View\Drawing\SunDrawing::LEFT + (712 - \App\View\Drawing\SunDrawing::LEFT) * $sun->opening() / max(1, count($sun->steps()) - 1) }} 0)"/>
            @foreach ($sun->hours() as $hour)<path class="sun-tick" d="M{{ $hour['x'] }} {{ $sun->horizon() }}v4"/><text x="{{ $hour['x'] }}" y="{{ $sun->horizon() + 15 }}" text-anchor="middle">{{ $hour['words'] }}</text>@endforeach
            @foreach ($sun->rows() as $row)
                <text x="{{ \App\View\Drawing\SunDrawing::LEFT - 8 }}" y="{{ $row['y'] + 10 }}" text-anchor="end">{{ $row['name'] }}</text>
                @foreach ($row['spans'] as $span)<rect class="sun-span sun-{{ $row['kind'] }}" x="{{ $span['x'] }}" y="{{ $row['y'] }}" width="{{ $span['width'] }}" height="12"><title>{{ $row['name'] }} {{ $span['words'] }}</title></rect>@endforeach
                @if ($row['spans'] === [])<text class="none" x="{{ \App\View\Drawing\SunDrawing::LEFT + 4 }}" y="{{ $row['y'] + 10 }}">never</text>@endif
            @endforeach
        </svg>
        <details class="sun-table"><summary>As a table</summary>
            <table><tbody>
                @foreach ($sun->facts() as $name => $clock)<tr><th scope="row">{{ $name }}</th><td class="num">{{ $clock }}</td></tr>@endforeach
                @foreach ($sun->rows() as $row)<tr><th scope="row">{{ ucfirst($row['name']) }}</th><td class="num">{{ implode(', ', array_column($row['spans'], 'words')) ?: 'never' }}</td></tr>@endforeach
            </tbody></table>
            <p class="why">{{ $sun->place() }}. Sun position by Meeus’ series, within 0.02°. Trees and buildings count only through the skyline angle; clouds are not predicted.</p>
        </details>
    @endif
</section>
