@php($over = $floor->overlays())
@php($pools = in_array('light', $overlays, true) ? $over->pools() : [])
@php([$scale, $size] = [$over->scale(), $floor->sheet->text()])
<svg xmlns="http://www.w3.org/2000/svg" @if ($ink instanceof \App\View\Drawing\ScreenInk) id="plan" @endif class="plan" viewBox="{{ $floor->sheet->viewBox() }}" font-size="{{ $size }}" role="group" aria-label="Floor plan, true to scale" @isset($outer) {!! $outer !!} @endisset>
    @if ($ink instanceof \App\View\Drawing\ScreenInk)
        <defs>
            @foreach ($over->wedges() as $wedge)
                <pattern id="hatch-{{ $wedge['id'] }}" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate({{ $wedge['lean'] + 35 }})"><path class="hatch" d="M0 0V6"/></pattern>
            @endforeach
        </defs>
    @endif
    <path {!! $ink->of('wall') !!} d="{{ $floor->room() }}" stroke-linejoin="miter"/>
    @foreach ($floor->openings() as $opening)
        <path {!! $ink->of('gap') !!} d="{{ $opening['line'] }}"/>
        @if ($opening['kind'] === 'window')<path {!! $ink->of('pane') !!} d="{{ $opening['line'] }}"/>@endif
    @endforeach
    <path {!! $ink->of('ground') !!} d="{{ $floor->room().$floor->thresholds() }}"/>
    @if ($ink instanceof \App\View\Drawing\ScreenInk && in_array('tape', $overlays, true))<path class="wall-hit" d="{{ $floor->room() }}"/>@endif
    @foreach ($floor->joined() as $room)
        <text {!! $ink->of('label room-name') !!} x="{{ $room['at'][0] }}" y="{{ $room['at'][1] }}">{{ $room['name'] }}</text>
    @endforeach
    @if ($under = $floor->underlay($overlays))
        <image class="underlay" href="{{ route('photos.show', ['shoot' => $work->shoot->id, 'file' => $under['file']]) }}" x="0" y="{{ -$under['height'] }}" width="{{ $under['width'] }}" height="{{ $under['height'] }}" transform="translate({{ $under['x'] }} {{ $under['y'] }}) rotate({{ $under['turn'] }})"/>
        <path {!! $ink->of('underlaid') !!} d="{{ $floor->room() }}"/>
    @endif
    @isset($stops)
        <clipPath id="room-clip"><path d="{{ $floor->room() }}"/></clipPath>
        <g class="stops" clip-path="url(#room-clip)">@foreach ($stops->fills() as $fill)<path fill="{{ $fill['fill'] }}" d="{{ $fill['path'] }}"/>@endforeach @foreach ($stops->lines() as $line)<path class="stop-line" d="{{ $line['path'] }}"><title>{{ $line['stops'] }}</title></path>@endforeach</g>
    @endisset
    @foreach ($pools as $pool)
        <path {!! $ink->of("pool".($ink instanceof \App\View\Drawing\ScreenInk ? " pool-{$pool['level']}" : '')) !!} d="{{ $pool['path'] }}"/>
    @endforeach
    @foreach (in_array('mains', $overlays, true) ? $over->mains() : [] as $run)
        <path {!! $ink->of("mains mains-{$run['nth']}") !!} d="{{ $run['path'] }}"/>
    @endforeach
    @foreach (in_array('mains', $overlays, true) ? $over->narrows() : [] as $narrow)
        <path {!! $ink->of('narrow') !!} d="{{ $narrow['path'] }}"/>
        <text {!! $ink->of('label') !!} x="{{ $narrow['at'][0] }}" y="{{ $narrow['at'][1] }}">{{ $narrow['words'] }}</text>
    @endforeach
    @foreach (in_array('light', $overlays, true) ? $over->walks() : [] as $walk)
        <path {!! $ink->of('walk') !!} d="{{ $walk['path'] }}"/>
        <text {!! $ink->of('label') !!} x="{{ $walk['at'][0] }}" y="{{ $walk['at'][1] }}">{{ $walk['words'] }}</text>
    @endforeach
    @if (in_array('sound', $overlays, true))
        @php($sound = $floor->sound())
        @foreach ($sound->rings() as $ring)<path {!! $ink->of('voice-ring') !!} d="{{ $ring['path'] }}"/><text {!! $ink->of('label') !!} x="{{ $ring['at'][0] }}" y="{{ $ring['at'][1] }}">{{ $ring['words'] }}</text>@endforeach
        @foreach ($sound->links() as $link)<path {!! $ink->of('link-way') !!} d="{{ $link['path'] }}"><title>{{ $link['words'] }}</title></path>@endforeach
        @foreach ($sound->shell() as $dot)<circle {!! $ink->of('boom-place') !!} cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="2.6"><title>{{ $dot['words'] }}</title></circle>@endforeach
    @endif
    @foreach (in_array('lenses', $overlays, true) ? $over->wedges() : [] as $wedge)
        <path {!! $ink->of('wedge') !!} @if ($ink instanceof \App\View\Drawing\ScreenInk) fill="url(#hatch-{{ $wedge['id'] }})" @endif d="{{ $wedge['path'] }}"/>
    @endforeach
    @foreach ($floor->openings() as $opening)
        @if ($opening['swing'] !== '')<path {!! $ink->of('leaf') !!} d="{{ $opening['swing'] }}"/>@endif
        @if ($opening['kind'] === 'window')<path {!! $ink->of('pane') !!} d="{{ $opening['line'] }}"/>@endif
    @endforeach
    @isset($probes)@foreach ($work->light()->probes() as $probe)<g><path class="probe" d="M{{ $floor->sheet->x($probe['place']) - 6 }} {{ $floor->sheet->y($probe['place']) }}h12M{{ $floor->sheet->x($probe['place']) }} {{ $floor->sheet->y($probe['place']) - 6 }}v12"/><text class="label" x="{{ $floor->sheet->x($probe['place']) + 8 }}" y="{{ $floor->sheet->y($probe['place']) - 4 }}">{{ $probe['name'] }} {{ $probe['stops'] }}</text></g>@endforeach @endisset
    @foreach ($floor->built() as $built)
        <path {!! $ink->of($built['class']) !!} d="{{ $built['path'] }}"/>
        <text {!! $ink->of('label built') !!} x="{{ $built['at'][0] }}" y="{{ $built['at'][1] }}">{{ $built['name'] }}</text>
    @endforeach
    @foreach ($floor->outlets() as $outlet)
        <path {!! $ink->of('outlet') !!} d="{{ $outlet['path'] }}"/>
        @if ($outlet['circuit'] !== '' && in_array('mains', $overlays, true) && $ink instanceof \App\View\Drawing\ScreenInk)<circle class="outlet-reach" cx="{{ $outlet['x'] }}" cy="{{ $outlet['y'] }}" r="22" data-circuit="{{ $outlet['circuit'] }}"><title>{{ $outlet['name'] }}: {{ $work->power()->choices()[$outlet['circuit']] ?? 'no circuit' }}</title></circle>@endif
    @endforeach
    @if (in_array('sun', $overlays, true) && ($sun = $work->scout()->sun()))
        @php($step = $sun->steps()[$sun->opening()])
        <path id="sun-floor" {!! $ink->of('sun-patch') !!} d="{{ $step['path'] }}"/>
        <path id="sun-walls" {!! $ink->of('sun-wall') !!} d="{{ implode('', array_column($step['walls'], 'path')) }}"/>
    @endif
    @foreach (in_array('sun', $overlays, true) ? $over->readings() : [] as $reading)
        <path {!! $ink->of($reading['class']) !!} d="M{{ $reading['x'] - 6 }} {{ $reading['y'] }}L{{ $reading['x'] }} {{ $reading['y'] - 6 }}L{{ $reading['x'] + 6 }} {{ $reading['y'] }}L{{ $reading['x'] }} {{ $reading['y'] + 6 }}Z"/>
        <text {!! $ink->of('label') !!} x="{{ $reading['at'][0] }}" y="{{ $reading['at'][1] }}">{{ $reading['words'] }}</text>
    @endforeach
    @if (in_array('sun', $overlays, true) && ($spot = $over->spot()))
        <path {!! $ink->of('spot') !!} d="M{{ $spot[0] - 16 }} {{ $spot[1] }}h32M{{ $spot[0] }} {{ $spot[1] - 16 }}v32"/>
        <circle {!! $ink->of('spot') !!} cx="{{ $spot[0] }}" cy="{{ $spot[1] }}" r="9"/>
    @endif
    @foreach (in_array('survey', $overlays, true) ? $over->ties() : [] as $line)
        <path {!! $ink->of($line['class']) !!} d="{{ $line['path'] }}"/>
    @endforeach
    @foreach (in_array('sight', $overlays, true) ? $over->sight() : [] as $dot)
        <circle {!! $ink->of($dot['class']) !!} cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="{{ $dot['class'] === 'sees-none' ? 3 : 7 }}"><title>{{ $dot['words'] }}</title></circle>
    @endforeach
    @foreach (in_array('lenses', $overlays, true) ? $floor->moves() : [] as $move)
        @if ($move['way'] !== '')<path {!! $ink->of('move-behind') !!} d="{{ $move['way'] }}"/>@endif
        @if ($move['rail'] !== '')<path {!! $ink->of('legs') !!} d="{{ $move['rail'] }}"/>@endif
        <path {!! $ink->of('move') !!} d="{{ $move['path'] }}"/>
    @endforeach
    @foreach ([...$floor->furniture(), ...$floor->things(), ...(in_array('lenses', $overlays, true) ? $floor->marks() : [])] as $thing)
        @include('plan.thing')
    @endforeach
    @foreach (isset($sound) ? [...$sound->boxes(), ...$sound->ears()] : [] as $mark)<path {!! $ink->of('ear') !!} d="{{ $mark['path'] }}"/><text {!! $ink->of('label') !!} x="{{ $mark['at'][0] }}" y="{{ $mark['at'][1] }}">{{ $mark['words'] }}</text>@endforeach
    @foreach ($selected === null ? [] : $over->distances($selected) as $line)
        <path {!! $ink->of('distance') !!} d="{{ $line['path'] }}" stroke-dasharray="3 3"/>
        <text {!! $ink->of('label distance-words') !!} x="{{ $line['at'][0] }}" y="{{ $line['at'][1] }}">{{ $line['words'] }}</text>
    @endforeach
    @foreach ($pools as $pool)
        <text {!! $ink->of('label pool-words') !!} x="{{ $pool['at'][0] }}" y="{{ $pool['at'][1] }}" font-size="{{ $size * 0.85 }}">{{ $pool['stops'] }}</text>
    @endforeach
    @foreach (in_array('survey', $overlays, true) ? $over->ellipses() : [] as $e)
        <ellipse {!! $ink->of('doubt') !!} cx="0" cy="0" rx="{{ $e['rx'] }}" ry="{{ $e['ry'] }}" transform="translate({{ $e['x'] }} {{ $e['y'] }}) rotate({{ $e['turn'] }})"><title>{{ $e['words'] }}</title></ellipse>
    @endforeach
    @foreach (in_array('tape', $overlays, true) ? $over->dimensions() : [] as $mark)
        <text {!! $ink->of('label '.$mark['class']) !!} transform="translate({{ $mark['at'][0] }} {{ $mark['at'][1] }}) rotate({{ $mark['turn'] }})" text-anchor="middle" y="{{ $size * 0.35 }}">{{ $mark['words'] }}</text>
    @endforeach
    <path {!! $ink->of('scale') !!} d="{{ $scale['path'] }}"/>
    <text {!! $ink->of('label') !!} x="{{ $scale['x'] }}" y="{{ $scale['y'] - 5 }}">{{ $scale['words'] }}</text>
    <g transform="translate({{ $scale['x'] - 25 }} {{ $scale['y'] - 8 }}) rotate({{ $scale['north'] }})">
        <path {!! $ink->of('scale') !!} d="M0 12V-12M-5 -5L0 -12L5 -5"/>
    </g>
</svg>
