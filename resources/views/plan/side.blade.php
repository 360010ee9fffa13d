<aside id="verdicts" class="side" aria-label="{{ $work->showsVerdicts() ? 'Verdicts and cards' : 'Papers' }}" @isset($oob) hx-swap-oob="morph" @endisset>
    @if ($work->isShown())
        @include('plan.shown')
    @elseif ($work->selected === 'tape')
        @include('plan.tape-card')
    @elseif ($work->card)
        @include('plan.card', ['card' => $work->card])
    @else
        @include('plan.verdicts')
    @endif
</aside>
