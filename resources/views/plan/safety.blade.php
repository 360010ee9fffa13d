@php($safety = $work->safety())
<div class="board-text">
    <p class="acts">@foreach (['a4' => 'Safety sheet (A4)', 'letter' => 'Letter'] as $paper => $name)<a class="plain" href="{{ route('export.safety', ['shoot' => $work->shoot->id, 'place' => $work->place(), 'stage' => 'rig', 'paper' => $paper]) }}" target="_blank">{{ $name }}</a> @endforeach</p>
    <div class="wide-table"><table class="rows power"><caption>Ways out from every seat and standing position.</caption>
        <thead><tr><th scope="col">Who</th><th scope="col">Way out</th><th scope="col">Narrowest</th><th scope="col">To walk</th></tr></thead>
        <tbody>@forelse ($safety->ways() as $row)
            <tr><th scope="row">{{ $row['who'] }}</th><td>{{ $row['door'] }}</td><td class="num">{{ $row['width'] }}</td><td>{{ $row['walk'] }}</td></tr>
        @empty<tr><td colspan="4">No door is marked as a way out: mark it in Measure, on the door.</td></tr>@endforelse</tbody></table></div>
    @if ($open = $safety->open())
        <h3>Still to fix</h3>
        <ul class="cautions">@foreach ($open as $one)<li><x-mark :state="$one['severity']->value" /><span class="sr">{{ $one['severity']->value }}:</span> <b>{{ $one['said'] }}</b> {{ $one['why'] }}</li>@endforeach</ul>
    @endif
    <h3>Cautions</h3>
    <ul class="cautions">@forelse ($safety->cautions() as $said)<li>{{ $said }}</li>@empty<li>Nothing rigged yet needs one.</li>@endforelse</ul>
    <p class="why">Worked out from the plan. The venue’s rules, local codes and licensed people decide; on the day, anyone who sees a problem stops the work.</p>
</div>
