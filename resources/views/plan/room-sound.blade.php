@php($desk = $work->sound())
<div class="board-text">
    @if (! $desk->isKnown())
        <p class="why">Set floor, wall and ceiling materials in Measure to see the room’s reverb here.</p>
    @else
        @foreach ($desk->facts() as $fact)<p>{{ $fact }}</p>@endforeach
        <table class="rows colours"><caption>Reverberation time by octave</caption>
            <thead><tr><th scope="col">Octave</th><th scope="col">Estimated from surfaces</th><th scope="col">From the clap</th><th scope="col">With treatment</th><th scope="col"><span class="sr">drawn</span></th></tr></thead>
            <tbody>@foreach ($desk->bands() as $row)<tr><th scope="row">{{ $row['band'] }}</th><td class="num">{{ $row['bare'] }}</td><td class="num">{{ $row['measured'] }}</td><td class="num">{{ $row['now'] }}</td><td><meter min="0" max="1" value="{{ round($row['share'], 3) }}">{{ $row['now'] }}</meter></td></tr>@endforeach</tbody></table>
        @if ($booms = $desk->booms())<table class="rows colours"><caption>Voice over reverb</caption><thead><tr><th scope="col">Microphone</th><th scope="col">Model</th><th scope="col">From the mouth</th><th scope="col">Equal to the reverb at</th><th scope="col">Voice over reverb</th></tr></thead><tbody>@foreach ($booms as $boom)<tr><th scope="row">{{ $boom['name'] }}</th><td>{{ $boom['pattern'] }}</td><td class="num">{{ $boom['distance'] }}</td><td class="num">{{ $boom['equal'] }}</td><td class="num">{{ $boom['over'] }}</td></tr>@endforeach</tbody></table>@endif
    @endif
    @if ($decay = $desk->decay())
        <svg class="day-chart" viewBox="0 0 {{ \App\View\SoundDesk::WIDTH }} {{ \App\View\SoundDesk::HEIGHT }}" role="img" aria-label="Decay of the last clap, dB over seconds">
            @foreach ([0, -20, -40, -60] as $db)<path class="day-mark" d="M30 {{ $desk->decayY($db) }}H{{ \App\View\SoundDesk::WIDTH }}"/><text x="0" y="{{ $desk->decayY($db) + 4 }}">{{ $db === 0 ? '0 dB' : '−'.abs($db) }}</text>@endforeach
            <path class="decay" d="{{ $decay['path'] }}"/><text x="{{ \App\View\SoundDesk::WIDTH - 2 }}" y="{{ \App\View\SoundDesk::HEIGHT - 2 }}" text-anchor="end">{{ $decay['seconds'] }} s</text>
        </svg>
    @endif
    @php($quiet = $work->ears()->quiet())
    @if ($work->setup->location->list('noise') !== [])
        <table class="rows colours"><caption>Noise over the day. Quiet: {{ $quiet['windows'] === [] ? 'never' : implode(', ', $quiet['windows']) }}</caption><thead><tr><th scope="col">At</th><th scope="col">All noise</th><th scope="col">Voice above it</th><th scope="col"><span class="sr">drawn</span></th></tr></thead>
            <tbody>@foreach ($quiet['steps'] as $step)<tr><th scope="row" class="num">{{ $step['clock'] }}</th><td class="num">{{ $step['noise'] }}</td><td @class(['num', 'odd-one' => ! $step['quiet']])>{{ $step['margin'] }}</td><td><meter min="0" max="1" value="{{ round($step['share'], 3) }}">{{ $step['noise'] }}</meter></td></tr>@endforeach</tbody></table>
    @endif
    @include('plan.sheet', ['name' => 'treatments'])
    @include('plan.sheet', ['name' => 'claps'])
    <x-act :work="$work" :to="route('exchange.bring', $work->shoot->id)" enctype="multipart/form-data" hx-encoding="multipart/form-data" class="tape-line">
        <input type="hidden" name="what" value="clap"><label>Clap or balloon recording (WAV) <input type="file" name="file" accept=".wav,audio/wav" aria-label="Recording"></label> <button class="plain">Import</button> <button class="take" name="take" value="1" title="Clap and record">Take</button>
        @error('file')<p class="error">{{ $message }}</p>@enderror
    </x-act>
</div>
