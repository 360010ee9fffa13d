@php($desk = $work->daylight())
<div class="board-text daylight">
    @if ($desk === null)
        <p class="why">Set the location, north, the shooting hours and the windows, and daylight is worked out here.</p>
    @else
        <p class="why">Light on each face over the shooting hours, lamps as set, under three skies. These are average skies: a real one can be half or double. Readings at the location scale them.</p>
        @foreach ($desk->people() as $person)
            <section aria-labelledby="day-{{ $person->id }}"><h2 id="day-{{ $person->id }}">{{ $person->name }}</h2>
                <svg class="day-chart" viewBox="0 0 {{ \App\View\DaylightDesk::WIDTH }} {{ \App\View\DaylightDesk::HEIGHT }}" role="img" aria-label="Stops over the target exposure at {{ $person->name }}’s face, from {{ $desk->clocks()[0] }} on, under each sky">
                    @foreach ($desk->marks() as $mark)<path class="day-mark{{ $mark['words'] === '0' ? ' wanted' : '' }}" d="M{{ $desk->left() }} {{ $mark['y'] }}H544"/><text x="{{ $desk->left() - 6 }}" y="{{ $mark['y'] + 4 }}" text-anchor="end">{{ $mark['words'] }}</text>@endforeach
                    <text x="0" y="{{ $desk->marks()[2]['y'] + 4 }}">stops</text>
                    @foreach ($desk->hours() as $hour)<text x="{{ $hour['x'] }}" y="164" text-anchor="middle">{{ $hour['words'] }}</text>@endforeach
                    @foreach ($desk->lines($person) as $line)<path class="day-line day-{{ $line['sky'] }}" d="{{ $line['path'] }}"/><path class="day-mark" d="M{{ $line['x'] - 20 }} {{ $line['ends'] }}L{{ $line['x'] - 4 }} {{ $line['y'] - 4 }}"/><text x="{{ $line['x'] }}" y="{{ $line['y'] }}">{{ $line['sky'] }}</text>@endforeach
                </svg>
                <p>{{ $desk->swing($person) }}</p>
                <div class="table-panel"><table><caption>Stops over target, lux, cheek to cheek, colour</caption>
                    <thead><tr><th scope="col">Sky</th>@foreach ($desk->clocks() as $clock)<th scope="col">{{ $clock }}</th>@endforeach<th scope="col">Drifts</th><th scope="col">Steadiest from</th></tr></thead>
                    <tbody>@foreach ($desk->rows($person) as $row)<tr><th scope="row">{{ $row['sky'] }}@if ($row['isPlanned']) (planned)@endif</th>@foreach ($row['cells'] as $cell)<td class="num">{{ $cell['stops'] }}<br>{{ $cell['lux'] }}<br>{{ $cell['cheeks'] }}<br>{{ $cell['kelvin'] }}</td>@endforeach<td>{{ $row['drift'] }}</td><td>{{ $row['begin'] }}</td></tr>@endforeach</tbody>
                </table></div>
            </section>
        @endforeach
        @if ($boards = $desk->boards())<section aria-labelledby="day-boards"><h2 id="day-boards">Bounce boards and the sun</h2><ul class="lines-long">@foreach ($boards as $board)<li><b>{{ $board['name'] }}</b>: {{ $board['words'] }}</li>@endforeach</ul></section>@endif
        <section aria-labelledby="day-fit"><h2 id="day-fit">Compared with your meter</h2>
            @forelse ($desk->fits() as $fit)
                <table class="rows"><caption>Assuming the sky was {{ $fit['sky'] }}: {{ $fit['factors'] }}; the plan is then off by {{ $fit['off'] }} at most.</caption>
                    <thead><tr><th scope="col">Reading</th><th scope="col">Read</th><th scope="col">Model</th><th scope="col">Scaled</th></tr></thead>
                    <tbody>@foreach ($fit['readings'] as $reading)<tr><th scope="row">{{ $reading['name'] }}</th><td class="num">{{ $reading['read'] }}</td><td class="num">{{ $reading['before'] }}</td><td class="num">{{ $reading['after'] }}</td></tr>@endforeach</tbody></table>
                <x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => $fit['edit']]"><button class="plain">Plan by this sky and these factors</button></x-act>
            @empty
                <p class="why">No daylight reading has a position and a time yet: take some in Scout, Notes.</p>
            @endforelse
        </section>
    @endif
    @include('plan.sheet', ['name' => 'curtains'])
</div>
