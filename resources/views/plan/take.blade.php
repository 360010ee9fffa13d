<section id="strip" class="strip take-strip" aria-label="The take" @isset($oob) hx-swap-oob="morph" @endisset>
    @forelse ($work->takes() as $take)
        @php([$w, $left] = [\App\View\TakeDesk::WIDTH, \App\View\TakeDesk::LEFT])
        @php($rows = $take->rows())
        <div class="one-take" data-take="{{ route('export.moment', ['shoot' => $work->shoot->id, 'move' => $take->id(), 'place' => $work->place()]) }}">
            <figure class="frame take-frame"><figcaption><b>{{ $take->camera() }}</b> <output data-take-now class="num">{{ \App\View\TakeDesk::clock($take->beginsS()) }}</output></figcaption><div data-take-frame>@include('plan.frame', ['frame' => $take->frame($take->beginsS())])</div></figure>
            <div class="take-time">
                <label class="take-slider"><span class="sr">Moment of the take</span><input type="range" min="{{ $take->beginsS() }}" max="{{ $take->endsS() }}" step="0.1" value="{{ $take->beginsS() }}" data-take-time></label>
                <svg class="take-chart" viewBox="0 0 {{ $w }} {{ $take->height() }}" role="img" aria-label="The take over time: sections, marks, shot size, and what enters frame">
                    @foreach ($take->sections() as $i => $section)
                        <rect class="take-section {{ $i % 2 ? 'odd' : '' }}" x="{{ $section['x'] }}" y="0" width="{{ $section['width'] }}" height="20"/>
                        <svg x="{{ $section['x'] }}" y="0" width="{{ max(0, $section['width'] - 2) }}" height="20"><text x="4" y="14">{{ $section['name'] }}</text></svg>
                    @endforeach
                    <text x="{{ $left - 6 }}" y="14" text-anchor="end">song</text><text x="{{ $left - 6 }}" y="36" text-anchor="end">marks</text><text x="{{ $left - 6 }}" y="64" text-anchor="end">size</text>
                    <path class="take-size" d="{{ $take->sizes() }}"/>
                    @foreach ($take->marks() as $i => $mark)
                        <path class="take-tick" d="M{{ $mark['x'] }} 24V78"/><circle class="take-mark" cx="{{ $mark['x'] }}" cy="31" r="7"/><text class="take-number" x="{{ $mark['x'] }}" y="35" text-anchor="middle">{{ $i + 1 }}</text>
                    @endforeach
                    @foreach ($rows as $row)
                        <text x="{{ $left - 6 }}" y="{{ $row['y'] + 12 }}" text-anchor="end">{{ \Illuminate\Support\Str::limit($row['name'], 14) }}</text>
                        @foreach ($row['spans'] as $span)<rect class="take-enters" x="{{ $span['x'] }}" y="{{ $row['y'] + 3 }}" width="{{ $span['width'] }}" height="12"><title>{{ $row['name'] }} {{ $span['words'] }}</title></rect>@endforeach
                    @endforeach
                    @if ($rows === [])<text x="{{ $left }}" y="98">Nothing enters frame.</text>@endif
                    <path class="take-now" data-take-line data-from="{{ $left }}" data-to="{{ $w - 8 }}" d="M0 0V{{ $take->height() }}" transform="translate({{ $left }} 0)"/>
                </svg>
            </div>
        </div>
        <div class="take-tables">
            <table class="rows"><caption>{{ $take->camera() }}, mark by mark</caption>
                <thead><tr><th scope="col"><span class="sr">Number</span></th><th scope="col">Mark</th><th scope="col">At</th><th scope="col">Size</th><th scope="col">Lens</th><th scope="col">Height</th><th scope="col">Pace to it</th><th scope="col">Focus</th><th scope="col">Sharp</th></tr></thead>
                <tbody>@foreach ($take->marks() as $i => $mark)<tr><td class="num">{{ $i + 1 }}</td><th scope="row"><a href="{{ $work->url(['select' => 'mark:'.$take->id().':'.$mark['id']]) }}" hx-get="{{ $work->url(['select' => 'mark:'.$take->id().':'.$mark['id']]) }}" hx-swap="none">{{ $mark['name'] }}</a></th><td class="num">{{ $mark['clock'] }}</td><td>{{ $mark['size'] }}</td><td class="num">{{ $mark['focal'] }}</td><td class="num">{{ $mark['height'] }}</td><td class="num">{{ $mark['pace'] }}</td><td class="num">{{ $mark['focus'] }}</td><td class="num">{{ $mark['zone'] }}</td></tr>@endforeach</tbody>
            </table>
            <p class="acts"><a class="plain" href="{{ route('export.strip', ['shoot' => $work->shoot->id, 'move' => $take->id(), 'place' => $work->place()]) }}" target="_blank">Focus strip, A4</a> <a class="plain" href="{{ route('export.strip', ['shoot' => $work->shoot->id, 'move' => $take->id(), 'place' => $work->place(), 'paper' => 'letter']) }}" target="_blank">Focus strip, Letter</a></p>
        </div>
    @empty
        <p class="why">No camera moves here. Select a camera and add a mark where it stands; move it and add the next.</p>
    @endforelse
    <div class="board-text">@include('plan.song')</div>
</section>
