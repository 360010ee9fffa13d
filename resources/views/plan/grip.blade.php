@php($grip = $work->grip())
<div class="board-text">
    <div class="wide-table"><table class="rows power"><caption>What each lamp and boom stands on.</caption>
        <thead><tr><th scope="col">What</th><th scope="col">On</th><th scope="col">By</th><th scope="col">Height</th><th scope="col">Weighs</th><th scope="col">Rated load</th><th scope="col">Arm</th><th scope="col">Ballast</th></tr></thead>
        <tbody>@forelse ($grip->mounts() as $row)
            <tr><th scope="row"><a href="{{ $work->url(['select' => $row['id']]) }}" hx-get="{{ $work->url(['select' => $row['id']]) }}" hx-swap="none">{{ $row['name'] }}</a></th><td>{{ $row['on'] }}</td><td>{{ $row['by'] }}</td><td class="num">{{ $row['height'] }}</td><td class="num">{{ $row['weight'] }}</td><td class="num">{{ $row['rating'] }}</td><td class="num">{{ $row['arm'] }}</td><td class="num">{{ $row['ballast'] }}</td></tr>
        @empty<tr><td colspan="8">No lamps yet.</td></tr>@endforelse</tbody></table></div>
    <div class="wide-table"><table class="rows power"><caption>Grip list: supports and parts needed against what you have.</caption>
        <thead><tr><th scope="col">What</th><th scope="col">Here</th><th scope="col">At the same time</th><th scope="col">There</th><th scope="col">Short</th></tr></thead>
        <tbody>@forelse ($grip->needs() as $row)
            <tr><th scope="row">{{ $row['name'] }}</th><td class="num">{{ $row['here'] }}</td><td class="num">{{ $row['together'] }}</td><td class="num">{{ $row['there'] }}</td><td class="num">{{ $row['short'] ?: '' }}</td></tr>
        @empty<tr><td colspan="5">Nothing is on a support yet.</td></tr>@endforelse</tbody></table></div>
    <p class="why">Weights and makers’ ratings come from your kit. Anything above people, on a beam or outdoors in wind is for someone licensed for it where you are.</p>
    @include('plan.sheet', ['name' => 'ballast'])
    @include('plan.sheet', ['name' => 'joiners'])
</div>
