@php($holding = $work->verdicts->of(\FineFrame\Judge\Severity::Holds))
@include('plan.errors')
@if ($work->stage === \FineFrame\Judge\Stage::Rig)
    <p class="supports">Needs {{ implode(', ', array_map(fn ($n, $name) => "$n × $name", $work->whereabouts()->supports(), array_keys($work->whereabouts()->supports()))) ?: 'no supports' }}.</p>
@endif
<h2>Verdicts <small>{{ count($holding) }} hold</small></h2>
<ol class="findings">
    @foreach ($work->verdicts->findings as $finding)
        @continue($finding->severity === \FineFrame\Judge\Severity::Holds)
        @include('plan.finding')
    @endforeach
</ol>
@unless ($work->isShown())@include('plan.mends-later')@endunless
<details class="holding" @unless ($work->isStill()) data-keep @endunless @if (count($holding) === count($work->verdicts->findings)) open @endif>
    <summary><x-mark state="holds" /> {{ count($holding) }} hold</summary>
    <ol class="findings">
        @foreach ($work->isStill() ? $holding : [] as $finding)
            @include('plan.finding')
        @endforeach
    </ol>
</details>
