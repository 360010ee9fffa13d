@php($desk = $work->ears())
<div class="board-text">
    @if ($runs = $desk->cables())
        <table class="rows colours"><caption>Cable runs: down to the floor, along the walls, across as few doors as possible</caption>
            <thead><tr><th scope="col">From</th><th scope="col">To</th><th scope="col">Length</th><th scope="col">By</th><th scope="col">Adapter</th><th scope="col">Doors crossed</th></tr></thead>
            <tbody>@foreach ($runs as $run)<tr><th scope="row">{{ $run['from'] }}</th><td>{{ $run['to'] }}</td><td class="num">{{ $run['need'] }}</td><td>{{ $run['leads'] }}</td><td>{{ $run['adapter'] }}</td><td>{{ $run['doors'] }}</td></tr>@endforeach</tbody></table>
    @else
        <p class="why">No track uses a cable from a placed microphone to a placed recorder yet.</p>
    @endif
    @foreach (['recorders', 'leads'] as $name)@include('plan.sheet', ['name' => $name])@endforeach
</div>
