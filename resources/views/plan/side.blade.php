<aside id="verdicts" class="side" aria-label="Verdicts and cards" @isset($oob) hx-swap-oob="morph" @endisset>
    @if ($work->selected === 'tape')
        @include('plan.tape-card')
    @elseif ($work->card)
        @include('plan.card', ['card' => $work->card])
    @else
        @include('plan.verdicts')
    @endif
</aside>
