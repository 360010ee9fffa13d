@php($desk = $work->today())
<div class="board-text ticks today" @if ($desk->plan) data-log="{{ route('log', $work->shoot->id) }}" data-log-redraws @endif>
    @if ($desk->plan === null)
        <p class="why">No shooting hours yet. <a href="{{ $work->url(['stage' => 'brief', 'look' => null]) }}">Set them in the Brief</a>.</p>
    @else
        <p class="tape-line"><label>Your name <input name="who" maxlength="80" autocomplete="name" data-log-who></label> <span class="why" data-log-state role="status"></span></p>
        <form method="get" action="{{ route('stage', ['shoot' => $work->shoot->id, 'stage' => 'rundown']) }}" class="tape-line">
            <input type="hidden" name="look" value="today">@if ($work->place())<input type="hidden" name="place" value="{{ $work->place() }}">@endif
            <label>Pretend it is <input class="num short" name="ask" value="{{ $work->where->ask }}" placeholder="09:40" autocomplete="off" size="6"></label> <button class="plain">Look</button>
            @if ($desk->now === null)<span class="why">On {{ $desk->plan->date }} this follows the clock; until then, try a time.</span>@endif
        </form>
        @if ($desk->rest)
            <p><b>{{ \FineFrame\Rundown\Clock::said($desk->now) }}:</b>
                @if ($desk->rest->late === []) all that is left fits; done at {{ \FineFrame\Rundown\Clock::said($desk->rest->endMin()) }} for {{ \FineFrame\Rundown\Clock::said($desk->plan->endMin()) }}.
                @else <b>{{ implode(', ', array_map(fn ($id) => \App\View\DayDesk::called($desk->rest->tasks[$id]), $desk->rest->late)) }}</b> no longer {{ count($desk->rest->late) === 1 ? 'keeps its' : 'keep their' }} hours.
                @endif</p>
            @if ($desk->rest->late !== [])
                @php($plansB = $desk->plansB())
                @if ($plansB)
                    <p>Plan B, smallest change first:</p>
                    <ul class="plans-b">@foreach ($plansB as $b)<li><x-act :work="$work" :to="route('day.instead', $work->shoot->id)" :with="['change' => $b['key']]" class="inline"><button class="keep show">Take it</button></x-act> <b>{{ $b['says'] }}.</b> Done at {{ $b['ends'] }}; it fits if you decide by {{ $b['until'] }}.</li>@endforeach</ul>
                @else<p>Dropping one or two things doesn’t help: ask for more time, or choose what to give up.</p>@endif
                @error('change')<p class="error">{{ $message }}</p>@enderror
            @endif
        @endif
        <div class="wide-table"><table class="rows power"><caption>Tick what is done; the rest is re-timed from now.</caption>
            <thead><tr><th scope="col">Done</th><th scope="col">Planned</th><th scope="col">Now</th><th scope="col">What</th><th scope="col">Moves</th><th scope="col"></th></tr></thead>
            <tbody>@foreach ($desk->rows($desk->plan) as $row)
                <tr @class(['is-over' => $row['isLate'], 'is-done' => $row['isDone']]) data-ticked><td><input type="checkbox" data-item="{{ $row['item'] }}" aria-label="{{ $row['name'] }} is done"></td><td class="num">{{ $row['planned'] }}</td><td class="num">{{ $row['isDone'] ? '' : $row['begins'].'–'.$row['ends'] }}</td><th scope="row">{{ $row['name'] }}</th><td>{{ $row['shift'] }}</td><td class="why" data-by></td></tr>
            @endforeach</tbody></table></div>
    @endif
</div>
