@php($comparison = $work->scout()->comparison())
@php($decided = $work->setup->plan->scouting->decision)
<div class="board-text compare">
    @if ($decided->text('place') !== '')<p class="decided"><x-mark state="holds" /> Decided: <b>{{ collect($work->setup->plan->locations)->firstWhere('id', $decided->text('place'))?->name }}</b>@if ($decided->text('reason') !== ''), because {{ $decided->text('reason') }}@endif @if ($decided->text('by') !== '')<span class="why">{{ $decided->text('by') }} {{ $decided->text('on') }}</span>@endif</p>@endif
    <table>
        <caption>Locations side by side, scored 0 to 1. What nobody knows yet is left out of the score.</caption>
        <thead><tr><th scope="col"><span class="sr">Weight</span></th>@foreach ($comparison->candidates as $one)<th scope="col"><a href="{{ $work->url(['place' => $one->view->place->id, 'look' => 'sun']) }}">{{ $one->view->place->name }}</a></th>@endforeach<th scope="col">Weight</th></tr></thead>
        <tbody>
            <tr><th scope="row">Plan</th>@foreach ($comparison->candidates as $one)<td>{!! $work->scout()->smallPlan($one->view->place) !!}</td>@endforeach<td></td></tr>
            <tr><th scope="row">Pictures</th>@foreach ($comparison->candidates as $one)<td><div class="thumbs">@foreach (array_slice($one->view->place->list('photos'), 0, 4) as $photo)@continue($photo->text('file') === '')<img src="{{ route('photos.show', ['shoot' => $work->shoot->id, 'file' => 'thumb-'.$photo->text('file')]) }}" alt="{{ $photo->text('caption') ?: 'Photo' }}">@endforeach</div>@if ($one->view->place->list('photos') === [])<span class="why">none yet</span>@endif</td>@endforeach<td></td></tr>
            <tr class="total"><th scope="row">Score</th>
                @foreach ($comparison->candidates as $one)
                    <td><b class="big num">{{ number_format($one->score, 2) }}</b> <span class="why">of {{ round(100 * $one->known) }} % known</span>
                        @if ($one->stoppedBy !== [])<p class="error">Ruled out: {{ implode(', ', array_map(\App\Plans\Cards\PlaceCards::name(...), $one->stoppedBy)) }}</p>@endif
                        <details class="working"><summary>Working</summary>@include('plan.working', ['working' => $one->working])</details></td>
                @endforeach<td></td></tr>
            @foreach (\FineFrame\Plan\Scouting::CRITERIA as $criterion)
                <tr><th scope="row">{{ ucfirst(\App\Plans\Cards\PlaceCards::name($criterion)) }}</th>
                    @foreach ($comparison->candidates as $one)
                        @php([$score, $from] = $one->scores[$criterion])
                        <td>@if ($score === null)<span class="why">unknown</span>@else<span class="bar"><svg viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true"><path d="M0 4H{{ round(100 * $score) }}"/></svg></span> <span class="num">{{ $reader->print($from) }}</span> <span class="why num">{{ number_format($score, 2) }}</span>@endif</td>
                    @endforeach
                    <td class="num">{{ $work->setup->plan->scouting->weights[$criterion] + 0 }}{{ in_array($criterion, $work->setup->plan->scouting->stops, true) ? ', stop' : '' }}</td></tr>
            @endforeach
        </tbody>
    </table>
    <p class="acts"><a class="plain" href="{{ $work->url(['select' => 'weights']) }}" hx-get="{{ $work->url(['select' => 'weights']) }}" hx-swap="none">Choose a location</a></p>
</div>
