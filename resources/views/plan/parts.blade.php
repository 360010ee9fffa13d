@include('plan.state', ['oob' => true])
@include('plan.headline', ['oob' => true])
@include('plan.rail', ['oob' => true])
@include('plan.looks', ['oob' => true])
@include('plan.frames', ['oob' => true])
@include('plan.side', ['oob' => true])
@if ($work->isStill() && ! isset($quiet))
@include('plan.said', ['oob' => true])
@endif
