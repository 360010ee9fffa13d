@php($sheet = new \FineFrame\Judge\TrackSheet($work->setup))
@php($matrix = new \App\View\TrackMatrix($work->situation))
<div class="board-text">
    @if ($matrix->rows() !== [] && $matrix->recorders() !== [])
        <table class="rows colours matrix" data-matrix><caption>Routing: arrow keys move, space sets and clears</caption>
            <thead><tr><th scope="col">Voice, by</th>@foreach ($matrix->recorders() as $recorder)<th scope="col">{{ $recorder }}</th>@endforeach</tr></thead>
            <tbody>@foreach ($matrix->rows() as $row)<tr><th scope="row">{{ $row['voice'] }}, {{ $row['source'] }}</th>
                @foreach ($row['cells'] as $cell)<td><x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => $cell['edit']]" class="inline"><button class="cross" aria-pressed="{{ $cell['on'] ? 'true' : 'false' }}" aria-label="{{ $row['voice'] }} by {{ $row['source'] }} to {{ $cell['recorder'] }}">{{ $cell['on'] ? '×' : '·' }}</button></x-act></td>@endforeach</tr>@endforeach</tbody></table>
    @endif
    @if ($sheet->tracks !== [])
        <table class="rows colours"><caption>If one thing fails: recordings left of each voice</caption>
            <thead><tr><th scope="col">Without</th>@foreach ($sheet->voices() as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead>
            <tbody><tr><th scope="row">nothing fails</th>@foreach ($sheet->voices() as $id => $name)<td class="num">{{ $sheet->left($id) }}</td>@endforeach</tr>
                @foreach ($sheet->parts() as $part)<tr><th scope="row">{{ $part }}</th>@foreach ($sheet->voices() as $id => $name)<td @class(['num', 'odd-one' => $sheet->left($id, $part) === 0])>{{ $sheet->left($id, $part) === 0 ? 'lost' : $sheet->left($id, $part) }}</td>@endforeach</tr>@endforeach</tbody></table>
    @endif
    @if ($proposed = (new \FineFrame\Judge\TrackPlan($work->situation))->proposed())
        <x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => json_encode($proposed->values)]"><button class="plain">Add a track for each placed microphone</button></x-act>
    @endif
    @include('plan.sheet', ['name' => 'tracks'])
</div>
