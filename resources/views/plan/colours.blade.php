@php($colours = $work->situation->colours())
<div class="board-text">
    @if ($colours->agreed !== [] || $colours->sampled() !== [])
        <table class="rows colours"><caption>Colours in shot against the palette: how different they look (CIEDE2000; 1 is just visible, 10 is obvious)</caption>
            <thead><tr><th scope="col">Sample</th>@foreach (array_keys($colours->agreed) as $name)<th scope="col"><svg class="dab" viewBox="0 0 10 10" aria-hidden="true"><rect width="10" height="10" fill="{{ $colours->hex[$name] }}"/></svg> {{ $name }}</th>@endforeach</tr></thead>
            <tbody>@foreach ($colours->sampled() as $sample)
                <tr><th scope="row"><svg class="dab" viewBox="0 0 10 10" aria-hidden="true"><rect width="10" height="10" fill="{{ $sample['hex'] }}"/></svg> {{ $sample['name'] }}</th>
                    @foreach ($colours->agreed as $agreed)<td class="num">{{ round($sample['colour']->differsFrom($agreed)) }}</td>@endforeach</tr>
            @endforeach</tbody>
        </table>
    @endif
    @include('plan.sheet', ['name' => 'colours'])
    @include('plan.sheet', ['name' => 'swatches'])
</div>
