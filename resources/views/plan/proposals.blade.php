<div class="board-text">
    @if ($work->waits(\App\View\Effort::Proposals))
        <x-later :work="$work" part="floor" :doing="\App\View\Effort::Proposals->doing()" />
    @elseif ($work->isStill())
        @php($desk = $work->proposals())
        @if ($desk->isLight)<p class="why">{{ number_format($desk->considered) }} lamp positions scored. Different ways to light {{ implode(' and ', array_column($work->setup->subjects(), 'name')) ?: 'the face' }} with your kit. Applying one replaces the current lamps; undo brings them back.</p>@elseif (! $work->setup->isTalk())
        <p class="why">{{ number_format($desk->considered) }} positions scored: one camera has everyone, the others split the performers. Each set is different and holds once anything standing in frame has moved. A moving camera keeps its move.</p>@else
        <p class="why">{{ number_format($desk->considered) }} positions and pairs scored. These three are different, and hold once anything standing in frame has moved. Open a score to see its working. <a href="{{ $work->url(['look' => 'propose', 'chair' => $desk->withChair ? null : '1']) }}" hx-get="{{ $work->url(['look' => 'propose', 'chair' => $desk->withChair ? null : '1']) }}" hx-swap="none">{{ $desk->withChair ? 'Keep the chair here' : 'Move the chair too' }}</a></p>@endif
        @forelse ($desk->proposals as $i => $proposal)
            @php($after = $desk->after($proposal))
            <section class="proposal" aria-labelledby="proposal-{{ $i }}">
                <h3 id="proposal-{{ $i }}">Proposal {{ $i + 1 }}{{ $desk->title($proposal) === '' ? '' : ': '.$desk->title($proposal) }} <b class="num">{{ round(100 * $proposal->score) }}</b></h3>
                <div class="proposal-pictures">
                    @foreach ($desk->frames($after) as $frame)<figure class="frame"><figcaption><b>{{ $frame->label }}</b> {{ $frame->headline() }}</figcaption>@include('plan.frame')</figure>@endforeach
                    <figure class="frame proposal-floor">@include('plan.floor', ['floor' => $desk->floor($after), 'ink' => new \App\View\Drawing\ScreenInk, 'selected' => null, 'overlays' => $desk->isLight ? ['light'] : ['lenses']])</figure>
                </div>
                <p><b>For it:</b> {{ $desk->words($proposal->speaksFor()) }}.@if ($proposal->givesUp() !== []) <b>It gives up:</b> {{ $desk->words($proposal->givesUp()) }}.@endif @if ($proposal->toMove !== []) <b>In frame, has to move:</b> {{ $desk->toMove($proposal) }}; there is room to.@endif</p>
                @if ($desk->isLight)<p class="why">{{ $desk->rig($after) }}</p><ul class="lines why">@foreach ($desk->does($after) as $lamp => $does)<li>{{ $lamp }}: {{ $does }}</li>@endforeach</ul>@endif
                <div class="acts">
                    <x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => $desk->edit($proposal)]" class="inline"><button class="keep show">Apply</button></x-act>
                    <details class="working"><summary>Working</summary>
                        <table class="rows"><thead><tr><th scope="col">Reason</th><th scope="col">From</th><th scope="col">Score</th><th scope="col">Counts</th></tr></thead><tbody>
                            @foreach ($proposal->reasons as $reason)<tr><th scope="row">{{ $desk->name($reason) }}</th><td class="num">{{ $desk->value($reason) }}</td><td class="num"><meter min="0" max="1" value="{{ round($reason->score, 2) }}"></meter> {{ round(100 * $reason->score) }}</td><td class="num">× {{ $reason->weight }}</td></tr>@endforeach
                        </tbody></table><p class="why">The score is the weighted average of these.</p>
                    </details>
                </div>
            </section>
        @empty
            <p class="why">{{ $desk->isLight ? 'No lighting found that holds: the frames leave no room for stands, or no lamp in the kit is strong enough.' : ($desk->without !== '' ? "No place was found from which $desk->without sees whom it is for: too near, too wide for its glass, or something in the way." : ($work->setup->isTalk() ? 'No pair of positions holds. Give the chair more room, or let it move too.' : 'No set of positions holds: cameras end up in each other’s frames, or their legs find no floor.')) }}</p>
        @endforelse
    @endif
</div>
