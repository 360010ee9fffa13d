@if ($work->isStill())
@include('plan.state', ['oob' => true])
@include('plan.headline', ['oob' => true])
@elseif ($work->showsVerdicts())
@include('plan.tally', ['oob' => true])
@endif
@include('plan.rail', ['oob' => true])
@include('plan.looks', ['oob' => true])
@include('plan.strip', ['oob' => true])
@include('plan.side', ['oob' => true])
@if ($work->isStill() && ! isset($quiet))
@include('plan.said', ['oob' => true])
@endif
