<h2>The plan changed meanwhile</h2>
<p>Another page or person changed it after yours was opened. Both are here; neither is lost.</p>
<p><strong>Meanwhile:</strong> {{ implode(' · ', $stale->meanwhile()) }}</p>
@if ($stale->fields() !== [])
    <table><thead><tr><th scope="col">Field</th><th scope="col">In the plan now</th><th scope="col">Yours</th></tr></thead>
        <tbody>@foreach ($stale->fields() as $row)<tr><th scope="row">{{ $row['field'] }}</th><td class="num">{{ $row['theirs'] }}</td><td class="num">{{ $row['yours'] }}</td></tr>@endforeach</tbody>
    </table>
@else
    <p><strong>Yours:</strong> {{ $stale->stale->words }}</p>
@endif
<div class="acts">
    @if ($stale->fields() !== [])
        <x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => $stale->edit()]" class="inline"><button class="mend" data-put-mine>Put yours on top</button></x-act>
    @endif
    <a class="plain" href="{{ $work->url() }}" data-leave>Leave the plan as it is now</a>
</div>
