<div class="board-text">
    @if ($work->look === 'schools')
        <section aria-labelledby="schools-title"><h2 id="schools-title">Schools</h2>
            <p class="why">Twenty-four questions on which good people differ, each with the reason it is held. Where a choice bears on a check, it changes what that judges by; the rest are kept with the plan. None is wrong.</p>
            @include('plan.schools')
        </section>
    @else
        <section class="rules" aria-labelledby="rules-title"><h2 id="rules-title">What this brief already asks for</h2>
            <ul>@foreach ($work->scout()->consequences() as $line)<li>{{ $line }}</li>@endforeach</ul>
        </section>
        @foreach (array_keys(\FineFrame\Plan\BriefLists::all()) as $name)
            @include('plan.sheet', ['name' => $name])
        @endforeach
    @endif
</div>
