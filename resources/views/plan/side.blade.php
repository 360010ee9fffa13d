<aside id="verdicts" class="side" aria-label="Verdicts and cards" @isset($oob) hx-swap-oob="morph" @endisset>
    @if ($work->selected === 'room')
        @include('plan.room-card')
    @elseif ($work->card)
        @include('plan.card', ['card' => $work->card])
    @else
        @include('plan.verdicts')
    @endif
</aside>
