<div class="board-text">
    @if ($work->waits(\App\View\Effort::Proposals))
        <x-later :work="$work" part="floor" :doing="\App\View\Effort::Proposals->doing()" />
    @elseif ($work->isStill())
        @php($desk = $work->proposals())
        @if ($desk->isLight)<p class="why">{{ number_format($desk->considered) }} places for lamps were scored; these are different ways to light {{ implode(' and ', array_column($work->setup->subjects(), 'name')) ?: 'the face' }} with what the kit has, read as they would stand. Applying one takes the lamps of now away; undo brings them back.</p>@elseif (! $work->setup->isTalk())
        <p class="why">{{ number_format($desk->considered) }} places were scored: one camera has everybody, the others share the performers out. These sets are unlike, and hold once what stands in a frame has moved. A camera that moves keeps its way.</p>@else
        <p class="why">{{ number_format($desk->considered) }} places and pairs were scored; these three are unlike, and hold once what stands in a frame has moved. Each score opens to its working. <a href="{{ $work->url(['look' => 'propose', 'chair' => $desk->withChair ? null : '1']) }}" hx-get="{{ $work->url(['look' => 'propose', 'chair' => $desk->withChair ? null : '1']) }}" hx-swap="none">{{ $desk->withChair ? 'Leave the chair where it is' : 'Propose the chair as well' }}</a></p>@endif
        @forelse ($desk->proposals as $i => $proposal)
            @php($after = $desk->after($proposal))
            <section class="proposal" aria-labelledby="proposal-{{ $i }}">
                <h3 id="proposal-{{ $i }}">Proposal {{ $i + 1 }}{{ $desk->title($proposal) === '' ? '' : ': '.$desk->title($proposal) }} <b class="num">{{ round(100 * $proposal->score) }}</b></h3>
                <div class="proposal-pictures">
                    @foreach ($desk->frames($after) as $frame)<figure class="frame"><figcaption><b>{{ $frame->label }}</b> {{ $frame->headline() }}</figcaption>@include('plan.frame')</figure>@endforeach
                    <figure class="frame proposal-floor">@include('plan.floor', ['floor' => $desk->floor($after), 'ink' => new \App\View\Drawing\ScreenInk, 'selected' => null, 'overlays' => $desk->isLight ? ['light'] : ['lenses']])</figure>
                </div>
                <p><b>For it:</b> {{ $desk->words($proposal->speaksFor()) }}.@if ($proposal->givesUp() !== []) <b>It gives up:</b> {{ $desk->words($proposal->givesUp()) }}.@endif @if ($proposal->toMove !== []) <b>Stands in a frame and has to move:</b> {{ $desk->toMove($proposal) }}; there is room to.@endif</p>
                @if ($desk->isLight)<p class="why">{{ $desk->rig($after) }}</p><ul class="lines why">@foreach ($desk->does($after) as $lamp => $does)<li>{{ $lamp }}: {{ $does }}</li>@endforeach</ul>@endif
                <div class="acts">
                    <x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => $desk->edit($proposal)]" class="inline"><button class="keep show">Apply</button></x-act>
                    <details class="working"><summary>Working</summary>
                        <table class="rows"><thead><tr><th scope="col">Reason</th><th scope="col">From</th><th scope="col">Score</th><th scope="col">Counts</th></tr></thead><tbody>
                            @foreach ($proposal->reasons as $reason)<tr><th scope="row">{{ $desk->name($reason) }}</th><td class="num">{{ $desk->value($reason) }}</td><td class="num"><meter min="0" max="1" value="{{ round($reason->score, 2) }}"></meter> {{ round(100 * $reason->score) }}</td><td class="num">× {{ $reason->weight }}</td></tr>@endforeach
                        </tbody></table><p class="why">The score is the mean of these, each counted by its weight.</p>
                    </details>
                </div>
            </section>
        @empty
            <p class="why">{{ $desk->isLight ? 'No way of lighting was found that holds: the frames leave no place for stands, or no lamp of the kit is strong enough.' : ($desk->without !== '' ? "No place was found from which $desk->without sees whom it is for: too near, too wide for its glass, or something in the way." : ($work->setup->isTalk() ? 'No two places were found that hold. Give the chair more room, or let it be proposed as well.' : 'No set of places was found that holds: cameras come into each other’s frames, or their legs find no floor.')) }}</p>
        @endforelse
    @endif
</div>
