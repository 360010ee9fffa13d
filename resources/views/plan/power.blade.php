@php($power = $work->power())
<div class="board-text">
    @if ($power->choices() === [])
        <p class="why">No circuits known at this location yet. <a href="{{ $work->url(['stage' => 'scout', 'look' => 'notes']) }}">List them under Scout</a>, with what hangs on them already.</p>
    @else
        <div class="wide-table"><table class="rows power"><caption>Load on each circuit over the day.</caption>
            <thead><tr><th scope="col">Circuit</th><th scope="col">Breaker</th><th scope="col">Limit</th><th scope="col">Already in use</th><th scope="col">Ours</th><th scope="col">In all</th></tr></thead>
            <tbody>@foreach ($power->circuits() as $row)
                <tr @class(['is-over' => $row['isOver']])><th scope="row">{{ $row['name'] }}@if ($row['isUnsure']) <span class="why">unconfirmed</span>@endif</th><td class="num">{{ $row['breaker'] }}</td><td class="num">{{ $row['limit'] }}</td><td class="num">{{ $row['already'] }}</td><td>{{ $row['loads'] }}</td><td class="num"><meter min="0" max="1" high="0.8" value="{{ round(min(1, $row['share']), 3) }}"></meter> {{ $row['amps'] }}</td></tr>
            @endforeach</tbody></table></div>
        @if ($power->loads() !== [])
            <table class="rows plugs"><caption>Loads on the mains, largest first.</caption><thead><tr><th scope="col">Load</th><th scope="col">Draws</th><th scope="col">Circuit</th></tr></thead><tbody>
                @foreach ($power->loads() as $load)
                    <tr><th scope="row">{{ $load['name'] }} <span class="why">{{ $load['kind'] }}</span></th><td class="num">{{ $load['watts'] }}</td><td>
                        <x-act :work="$work" :to="route('power', $work->shoot->id)" :with="['thing' => $load['id']]" class="inline" hx-trigger="change, submit"><select name="circuit" aria-label="Circuit of {{ $load['name'] }}"><option value="">none yet</option>@foreach ($power->choices() as $id => $name)<option value="{{ $id }}" @selected($load['on'] === $id)>{{ $name }}</option>@endforeach</select><noscript><button class="plain">Plug</button></noscript></x-act>
                    </td></tr>
                @endforeach
            </tbody></table>
            <div class="acts">
                <x-act :work="$work" :to="route('power', $work->shoot->id)" :with="['how' => 'roomy']" class="inline"><button class="keep show">Spread, most headroom</button></x-act>
                <x-act :work="$work" :to="route('power', $work->shoot->id)" :with="['how' => 'short']" class="inline"><button class="keep show">Spread, shortest cables</button></x-act>
            </div>
        @endif
        @if ($runs = $power->runs())
            <div class="wide-table"><table class="rows power"><caption>Mains cables, as laid on the floor.</caption><thead><tr><th scope="col">To</th><th scope="col">From</th><th scope="col">Length</th><th scope="col">By</th><th scope="col">Loses</th><th scope="col">Doors</th></tr></thead><tbody>
                @foreach ($runs as $run)<tr><th scope="row">{{ $run['name'] }}</th><td>{{ $run['outlet'] }}</td><td class="num">{{ $run['length'] }}</td><td class="num">{{ $run['by'] }}</td><td class="num">{{ $run['lost'] }}</td><td>{{ $run['doors'] }}</td></tr>@endforeach
            </tbody></table></div>
        @endif
        <p class="why">Breaker ratings, voltage and the continuous-load share follow the building and your local code. A generator, a tie-in or anything behind the panel door needs a licensed electrician.</p>
    @endif
    @if ($cells = $power->cells())
        <div class="wide-table"><table class="rows power"><caption>Battery packs over the shooting hours.</caption><thead><tr><th scope="col">On packs</th><th scope="col">Plate</th><th scope="col">Draws</th><th scope="col">Packs</th><th scope="col">Swaps</th><th scope="col">Lasts until</th><th scope="col">All recharged in</th></tr></thead><tbody>
            @foreach ($cells as $row)<tr><th scope="row">{{ $row['devices'] }}</th><td>{{ $row['plate'] }}</td><td class="num">{{ $row['draws'] }}</td><td>{{ $row['packs'] }}</td><td>{{ $row['swaps'] }}</td><td class="num">{{ $row['until'] }}</td><td class="num">{{ $row['full'] }}</td></tr>@endforeach
        </tbody></table></div>
    @endif
    @include('plan.sheet', ['name' => 'loads'])
    @foreach (['extensions', 'packs', 'chargers'] as $name)@include('plan.sheet', ['name' => $name])@endforeach
</div>
