@php($holding = $work->verdicts->of(\FineFrame\Judge\Severity::Holds))
@include('plan.errors')
@if ($work->stage === \FineFrame\Judge\Stage::Rig)
    <p class="supports">Needs {{ implode(', ', array_map(fn ($n, $name) => "$n × $name", $work->whereabouts()->supports(), array_keys($work->whereabouts()->supports()))) ?: 'no supports' }}.</p>
@endif
<h2>Verdicts <small>{{ count($holding) }} hold</small></h2>
@php($open = $work->open())
<ol class="findings">
    @if ($open['own'] === [] && $work->verdicts->stage($work->stage))<li class="stands"><x-mark state="holds" /> {{ __('verdicts.holds', ['stage' => ucfirst($work->stage->value)]) }}</li>@endif
    @foreach ([...$open['own'], ...$open['breaks']] as $finding)
        @include('plan.finding')
    @endforeach
</ol>
@foreach ($open['elsewhere'] as $stage => $findings)
    <details class="elsewhere" id="elsewhere-{{ $stage }}">
        <summary><x-mark state="watch" /> {{ ucfirst($stage) }} <span class="num">{{ __('verdicts.watches', ['count' => count($findings)]) }}</span></summary>
        <ol class="findings">
            @foreach ($findings as $finding)
                @include('plan.finding')
            @endforeach
        </ol>
    </details>
@endforeach
@unless ($work->isShown())@include('plan.mends-later')@endunless
<details class="holding" @unless ($work->isStill()) data-keep @endunless @if (count($holding) === count($work->verdicts->findings)) open @endif>
    <summary><x-mark state="holds" /> {{ count($holding) }} hold</summary>
    <ol class="findings">
        @foreach ($work->isStill() ? $holding : [] as $finding)
            @include('plan.finding')
        @endforeach
    </ol>
</details>
