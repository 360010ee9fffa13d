@php($desk = $work->build())
<div class="board-text">
    @if ($desk->who === null)
        <p class="why">Add a person first: light is built on a face.</p>
    @else
        <p class="why">Start from the light you have and ask for what is missing. Lamps that are on get dimmed and moved, more come from the kit; anything that breaks a check is left out.</p>
        <nav class="asks" aria-label="What to change">
            @foreach ($desk->asks() as $ask)
                @php($to = $work->url(['ask' => $ask->value]))
                <a class="plain" href="{{ $to }}" hx-get="{{ $to }}" hx-swap="none" role="button" @if ($desk->ask === $ask) aria-pressed="true" @endif>{{ $desk::name($ask) }}</a>
            @endforeach
        </nav>
        @if (count($work->setup->subjects()) > 1)
            <nav class="asks" aria-label="Face">@foreach ($work->setup->subjects() as $subject)
                @php($to = $work->url(['who' => $subject->id]))
                <a class="plain" href="{{ $to }}" hx-get="{{ $to }}" hx-swap="none" role="button" @if ($desk->who->id === $subject->id) aria-pressed="true" @endif>{{ $subject->name }}</a>
            @endforeach</nav>
        @endif
        <dl class="now">@foreach ($desk->figures($desk->now()) as $name => $value)<div><dt>{{ $name }}</dt><dd class="num">{{ $value }}</dd></div>@endforeach</dl>
        @if ($desk->ask !== null && $work->waits(\App\View\Effort::Steps))
            <x-later :work="$work" part="floor" :doing="\App\View\Effort::Steps->doing()" />
        @elseif ($desk->ask !== null && $work->isStill())
            @forelse ($desk->steps() as $i => $step)
                <section class="proposal" aria-labelledby="step-{{ $i }}">
                    <h3 id="step-{{ $i }}">{{ $desk->says($step) }}</h3>
                    <div class="proposal-pictures">
                        @foreach ($desk->frames($step) as $frame)<figure class="frame"><figcaption><b>{{ $frame->label }}</b> {{ $frame->headline() }}</figcaption>@include('plan.frame')</figure>@endforeach
                        <figure class="frame proposal-floor">@include('plan.floor', ['floor' => $desk->floor($step), 'ink' => new \App\View\Drawing\ScreenInk, 'selected' => null, 'overlays' => ['light']])</figure>
                    </div>
                    <table class="rows"><thead><tr><th scope="col">{{ $desk->who->name }}</th><th scope="col">Now</th><th scope="col">Then</th></tr></thead><tbody>
                        @foreach ($desk->bought($step) as $name => [$was, $is])<tr><th scope="row">{{ $name }}</th><td class="num">{{ $was }}</td><td class="num">{{ $is }}</td></tr>@endforeach
                    </tbody></table>
                    @if ($desk->watches($step) !== '')<p class="why">To watch: {{ $desk->watches($step) }}</p>@endif
                    <div class="acts"><x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => $desk->edit($step), 'ask' => '']" class="inline"><button class="keep show">Do it</button></x-act></div>
                </section>
            @empty
                <p class="why">Nothing tried gets there without breaking a check: {{ $desk->ask === \FineFrame\Propose\LightAsk::Eyes && $desk->now()->catches ? 'there is already a catch light' : 'the lamps that are on can’t give more, and no other lamp fits outside the frames' }}.</p>
            @endforelse
        @endif
    @endif
</div>
