<div class="table-panel">
    <table>
        <caption>Everything on the floor, measured from the room’s first corner.</caption>
        <thead><tr><th scope="col">Thing</th><th scope="col">Kind</th><th scope="col">Across</th><th scope="col">Up</th><th scope="col">From two walls</th><th scope="col">Verdict</th></tr></thead>
        <tbody>
            @foreach ($work->whereabouts()->table() as $row)
                <tr>
                    <th scope="row"><a href="{{ $work->url(['select' => $row['id']]) }}" hx-get="{{ $work->url(['select' => $row['id']]) }}" hx-swap="none">{{ $row['name'] }}</a></th>
                    <td>{{ $row['kind'] }}</td><td class="num">{{ $row['x'] }}</td><td class="num">{{ $row['y'] }}</td><td>{{ $row['walls'] }}</td>
                    <td><x-mark :state="$row['state']" /> {{ $row['state'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($restore = $work->whereabouts()->restore())
    <h3>To put back as found</h3>
    <table>@foreach ($restore as $row)<tr><th scope="row">{{ $row['name'] }}</th><td>{{ $row['words'] }}</td></tr>@endforeach</table>
    @endif
</div>
