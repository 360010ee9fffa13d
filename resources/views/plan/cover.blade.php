@php($desk = $work->cameras())
<div class="sight-floor">
    @include('plan.floor', ['floor' => $work->floor(), 'ink' => new \App\View\Drawing\ScreenInk, 'selected' => $work->selected, 'overlays' => ['sight']])
    <p class="why">Camera positions, lens at 1.45 m: <span class="key-all">filled</span>, every face is seen; <span class="key-some">hollow</span>, some; a small dot, none. A crowd is drawn as a block of its height, in Stage.</p>
</div>
<div class="table-panel">
    <table class="cover-table">
        <caption>Who each camera sees: share of each head in frame and unobstructed. Bold: assigned. Moving cameras count as they stand now.</caption>
        <thead><tr><th scope="col">Camera</th><th scope="col">Role</th><th scope="col">At it</th>@foreach ($work->setup->subjects() as $subject)<th scope="col">{{ $subject->name }}</th>@endforeach</tr></thead>
        <tbody>
            @foreach ($desk->cover() as $row)
                <tr><th scope="row"><a href="{{ $work->url(['select' => $row['id']]) }}" hx-get="{{ $work->url(['select' => $row['id']]) }}" hx-swap="none">{{ $row['label'] }}</a></th><td>{{ $row['role'] }}</td><td>{{ $row['operator'] }}</td>
                    @foreach ($row['cells'] as $cell)<td @class(['is-on' => $cell['on'], 'odd-one' => $cell['on'] && ! $cell['seen']])>{{ $cell['words'] }}</td>@endforeach</tr>
            @endforeach
        </tbody>
    </table>
    @if ($sections = $desk->sections())
    <table class="cover-table">
        <caption>Faces each camera has in the middle of each section.</caption>
        <thead><tr><th scope="col">Section</th>@foreach ($desk->cover() as $row)<th scope="col">{{ $row['label'] }}</th>@endforeach</tr></thead>
        <tbody>@foreach ($sections as $row)<tr><th scope="row">{{ $row['section'] }}</th>@foreach ($row['cells'] as $cell)<td>{{ $cell }}</td>@endforeach</tr>@endforeach</tbody>
    </table>
    @endif
    <h3>One line per operator</h3>
    <ul class="rule-cards">@foreach ($desk->cards() as $line)<li>{{ $line }}</li>@endforeach</ul>
</div>
