@php($sheet = new \FineFrame\Judge\TrackSheet($work->setup))
<div class="board-text">
    @if ($sheet->tracks !== [])
        <table class="rows colours"><caption>What is left when one thing fails: ways of each voice</caption>
            <thead><tr><th scope="col">Without</th>@foreach ($sheet->voices() as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead>
            <tbody><tr><th scope="row">nothing: all works</th>@foreach ($sheet->voices() as $id => $name)<td class="num">{{ $sheet->left($id) }}</td>@endforeach</tr>
                @foreach ($sheet->parts() as $part)<tr><th scope="row">{{ $part }}</th>@foreach ($sheet->voices() as $id => $name)<td @class(['num', 'odd-one' => $sheet->left($id, $part) === 0])>{{ $sheet->left($id, $part) === 0 ? 'lost' : $sheet->left($id, $part) }}</td>@endforeach</tr>@endforeach</tbody></table>
    @endif
    @include('plan.sheet', ['name' => 'tracks'])
</div>
