<div class="board-text">
    @foreach (['light', 'noise', 'colour', 'circuits', 'ways', 'askings', 'hazards', 'gifts', 'pouch'] as $name)
        @include('plan.sheet', ['name' => $name])
    @endforeach
    @include('plan.exchange', ['for' => 'readings'])
</div>
