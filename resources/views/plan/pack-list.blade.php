@php($desk = $work->pack())
@php($of = fn (string $name, array $more = []) => route("export.$name", ['shoot' => $work->shoot->id, 'place' => $work->place(), 'stage' => 'pack'] + $more))
<div class="board-text pack-list">
    <p class="acts"><a class="plain" href="{{ $of('pack', ['paper' => 'a4']) }}" target="_blank">Pack list (A4)</a> <a class="plain" href="{{ $of('pack', ['paper' => 'letter']) }}" target="_blank" aria-label="Pack list, Letter">Letter</a> <a class="plain" href="{{ $of('packTable') }}">Table (CSV)</a> <a class="plain" href="{{ $of('labels') }}" target="_blank">Labels</a></p>
    @forelse ($desk->list() as $group)
        <div class="wide-table"><table class="rows power"><colgroup><col><col><col><col><col></colgroup><caption>{{ $group['kind'] }}</caption>
            <thead class="sr"><tr><th scope="col">How many</th><th scope="col">What</th><th scope="col">For</th><th scope="col">There</th><th scope="col">Size</th></tr></thead>
            <tbody>@foreach ($group['items'] as $item)
                <tr @class(['is-over' => $item['short'] > 0 || $item['isFaulty']])><td class="num"><b>{{ $item['count'] }}</b></td><th scope="row">{{ $item['name'] }}@if ($item['short'] > 0) <span>{{ $item['short'] }} short</span>@endif @if ($item['isFaulty']) <span>one faulty</span>@endif</th>
                    <td>@foreach ($item['why'] as $why)<span class="why">{{ $why['setup'] }}{{ $why['things'] ? ':' : '' }}</span> @foreach ($why['things'] as $thing)<a href="{{ $work->url(['stage' => 'rig', 'look' => null, 'place' => $why['place'], 'select' => $thing['id']]) }}">{{ $thing['name'] }}</a>@if (! $loop->last), @endif @endforeach @if (! $loop->last) · @endif @endforeach @if ($item['spares'] > 0) <span class="why">{{ $item['spares'] }} spare</span>@endif</td>
                    <td class="why">{{ $item['there'] }}</td><td class="why">{{ $item['size'] }}@if (! $item['isSized']) (typical)@endif</td></tr>
            @endforeach</tbody></table></div>
    @empty<p class="why">Nothing to pack yet. The list follows from what you place in the setups.</p>@endforelse
    @include('plan.sheet', ['name' => 'packing'])
</div>
