@foreach ($work->verdicts->findings as $finding)
    @continue(! $work->mending()->isTried($finding))
    @include('plan.finding', ['oob' => true])
@endforeach
@include('plan.mends-later', ['oob' => true])
