<div class="board-text">
    @foreach (\App\Plans\Sheets\Sheets::TAPE as $name)
        @include('plan.sheet', ['name' => $name])
    @endforeach
    @include('plan.sheet', ['name' => 'materials'])
    @include('plan.exchange', ['for' => 'tape'])
</div>
