<div class="board-text">
    <p><b>Needs {{ implode(', ', array_map(fn ($n, $name) => "$n × $name", $work->whereabouts()->supports(), array_keys($work->whereabouts()->supports()))) ?: 'no supports' }}.</b></p>
    <div class="wide-table"><table class="rows power"><caption>What each lamp is on.</caption>
        <thead><tr><th scope="col">Lamp</th><th scope="col">On</th><th scope="col">Height</th><th scope="col">Weighs</th><th scope="col">Rated for</th><th scope="col">Arm</th><th scope="col">Ballast</th></tr></thead>
        <tbody>@forelse ($work->grip()->mounts() as $row)
            <tr><th scope="row"><a href="{{ $work->url(['select' => $row['id']]) }}" hx-get="{{ $work->url(['select' => $row['id']]) }}" hx-swap="none">{{ $row['name'] }}</a></th><td>{{ $row['on'] }}</td><td class="num">{{ $row['height'] }}</td><td class="num">{{ $row['weight'] }}</td><td class="num">{{ $row['rating'] }}</td><td class="num">{{ $row['arm'] }}</td><td class="num">{{ $row['ballast'] }}</td></tr>
        @empty<tr><td colspan="7">No lamp stands here yet.</td></tr>@endforelse</tbody></table></div>
    <p class="why">Weights and makers’ ratings are typed into the kit. Whatever goes up over people, onto a beam or outdoors in the wind: whoever is licensed for it where you are.</p>
    @include('plan.sheet', ['name' => 'ballast'])
</div>
