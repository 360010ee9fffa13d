@php($radio = $work->radio())
<div class="board-text">
    @if ($spectrum = $radio->spectrum())
        <svg class="day-chart spectrum" viewBox="0 0 {{ \App\View\RadioDesk::WIDTH }} 130" role="img" aria-label="Carriers, intermodulation and frequencies in use, from {{ $spectrum['from'] }} to {{ $spectrum['to'] }} MHz">
            @foreach ($spectrum['occupied'] as $part)<rect class="on-air" x="{{ $part['x'] }}" y="10" width="{{ $part['width'] }}" height="90"><title>{{ $part['name'] }}</title></rect>@endforeach
            @foreach ($spectrum['products'] as $x)<path class="product" d="M{{ $x }} 72V100"/>@endforeach
            @foreach ($spectrum['carriers'] as $carrier)<path @class(['carrier', 'hit' => $carrier['hit']]) d="M{{ $carrier['x'] }} 14V100"><title>{{ $carrier['name'] }} {{ $carrier['mhz'] }}</title></path>@if (count($spectrum['carriers']) <= 12)<text x="{{ $carrier['x'] + 4 }}" y="{{ 22 + 13 * ($loop->index % 4) }}">{{ $carrier['name'] }}</text>@endif @endforeach
            <path class="day-mark" d="M0 100H{{ \App\View\RadioDesk::WIDTH }}"/><text x="2" y="116">{{ $spectrum['from'] }} MHz</text><text x="{{ \App\View\RadioDesk::WIDTH - 2 }}" y="116" text-anchor="end">{{ $spectrum['to'] }} MHz</text>
        </svg>
        <p class="why">Tall: carriers. Short: third-order intermodulation. Filled: heard in the scan. Check with the regulator which bands you may use here, and with which licence.</p>
    @endif
    <x-act :work="$work" :to="route('radio', $work->shoot->id)"><button class="keep show">Coordinate wireless</button></x-act>
    @if ($reaches = $work->ears()->links())
        <table class="rows colours"><caption>Signal at the antenna</caption><thead><tr><th scope="col">Link</th><th scope="col">Away</th><th scope="col">Walls crossed</th><th scope="col">Bodies</th><th scope="col">Received</th><th scope="col">Margin</th></tr></thead>
            <tbody>@foreach ($reaches as $row)<tr><th scope="row">{{ $row['link'] }}</th><td class="num">{{ $row['distance'] }}</td><td>{{ $row['walls'] }}</td><td class="num">{{ $row['bodies'] }}</td><td class="num">{{ $row['received'] }}</td><td class="num">{{ $row['margin'] }}</td></tr>@endforeach</tbody></table>
    @endif
    @include('plan.sheet', ['name' => 'links'])
    @include('plan.sheet', ['name' => 'antennas'])
    @include('plan.sheet', ['name' => 'occupied'])
    <x-act :work="$work" :to="route('exchange.bring', $work->shoot->id)" enctype="multipart/form-data" hx-encoding="multipart/form-data" class="tape-line">
        <input type="hidden" name="what" value="scan"><label>A scan, one frequency and level per line (CSV) <input type="file" name="file" accept=".csv,.txt,text/csv" aria-label="Scan file"></label> <button class="plain">Import</button> <button class="take" name="take" value="1" title="Scan with the scanner">Take</button>
        @error('file')<p class="error">{{ $message }}</p>@enderror
    </x-act>
</div>
