@php($desk = $work->cameras())
<div class="table-panel">
    <table class="settings-table">
        <caption>Camera settings; mismatches are marked. Blank means as planned.</caption>
        <thead><tr><th scope="col">Camera</th><th scope="col">Role</th>@foreach ($desk->columns() as $name)<th scope="col">{{ $name }}</th>@endforeach<th scope="col">Stop</th><th scope="col">Records</th></tr></thead>
        <tbody>
            @foreach ($desk->settings() as $row)
                <tr><th scope="row"><a href="{{ $work->url(['select' => $row['id']]) }}" hx-get="{{ $work->url(['select' => $row['id']]) }}" hx-swap="none">{{ $row['label'] }}</a></th><td>{{ $row['role'] }}</td>
                    @foreach ($row['cells'] as $cell)<td @class(['num', 'odd-one' => $cell['odd']])>{{ $cell['words'] }}@if ($cell['odd'])<span class="sr"> differs</span>@endif</td>@endforeach
                    <td class="num">{{ $row['stop'] }}</td><td class="num">{{ $row['records'] }}</td></tr>
            @endforeach
        </tbody>
    </table>
</div>
<div class="board-text">
    @if ($steps = $desk->progression())<table class="rows"><caption>The interview, shot by shot</caption><tbody>@foreach ($steps as $step)<tr><th scope="row">{{ $step['part'] }}</th><td>{{ $step['camera'] }}</td><td>{{ $step['size'] }}</td><td>{{ $step['how'] }}</td><td class="num">{{ $step['cost'] }}</td></tr>@endforeach</tbody></table>@endif
    @if ($work->setup->isTalk())@include('plan.sheet', ['name' => 'progress'])@endif
    @include('plan.sheet', ['name' => 'views'])
</div>
