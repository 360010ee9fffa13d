<h2>The plan has changed</h2>
<p>Someone changed the same fields after you opened this page. Choose which to keep, field by field.</p>
<p><strong>Meanwhile:</strong> {{ implode(' · ', $stale->meanwhile()) }}</p>
@if ($fields = $stale->fields())
    <x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => $stale->edit()]">
        <table><thead><tr><th scope="col">Field</th><th scope="col">In the plan now</th><th scope="col">Yours</th></tr></thead>
            <tbody>@foreach ($fields as $row)<tr><th scope="row">{{ $row['field'] }}</th><td class="num">{{ $row['theirs'] }}</td><td class="num"><label><input type="checkbox" name="fields[]" value="{{ $row['pointer'] }}" checked aria-label="Keep mine: {{ $row['field'] }}"> {{ $row['yours'] }}</label></td></tr>@endforeach</tbody>
        </table>
        <div class="acts"><button class="mend" data-put-mine>{{ count($fields) === 1 ? 'Keep my change' : 'Keep what is ticked' }}</button> <a class="plain" href="{{ $work->url() }}" data-leave>Keep the plan as it is</a></div>
    </x-act>
@else
    <p><strong>Yours:</strong> {{ $stale->stale->words }}</p>
    <div class="acts"><a class="plain" href="{{ $work->url() }}" data-leave>Keep the plan as it is</a></div>
@endif
