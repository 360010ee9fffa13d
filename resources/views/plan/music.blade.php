@php($desk = $work->ears())
<div class="board-text">
    @if ($plot = $desk->plot())
        <table class="rows colours"><caption>Input plot</caption><thead><tr><th scope="col">Input</th><th scope="col">Of</th><th scope="col">Voice or instrument</th><th scope="col">Microphone</th></tr></thead>
            <tbody>@foreach ($plot as $row)<tr><td class="num">{{ $row['input'] ?: 'open' }}</td><td>{{ $row['recorder'] }}</td><th scope="row">{{ $row['voice'] }}</th><td>{{ $row['source'] }}</td></tr>@endforeach</tbody></table>
    @endif
    @if ($delays = $desk->delays())
        <table class="rows colours"><caption>Delay at each camera’s own microphone</caption><thead><tr><th scope="col">Camera</th><th scope="col">Voice</th><th scope="col">From</th><th scope="col">Late</th><th scope="col">Frames</th></tr></thead>
            <tbody>@foreach ($delays as $row)<tr><th scope="row">{{ $row['camera'] }}</th><td>{{ $row['voice'] }}</td><td class="num">{{ $row['distance'] }}</td><td class="num">{{ $row['late'] }}</td><td class="num">{{ $row['frames'] }}</td></tr>@endforeach</tbody></table>
    @endif
    @include('plan.song')
    @foreach (['pairs', 'feeds'] as $name)@include('plan.sheet', ['name' => $name])@endforeach
</div>
