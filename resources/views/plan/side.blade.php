<aside id="verdicts" class="side" aria-label="{{ $work->showsVerdicts() ? 'Verdicts and cards' : 'Papers' }}" @isset($oob) hx-swap-oob="morph" @endisset>
    @if ($work->isShown())
        @include('plan.shown')
    @elseif ($work->selected === 'tape')
        @include('plan.tape-card')
    @elseif ($work->card)
        @include('plan.card', ['card' => $work->card])
    @else
        @if ($work->exercise())@include('plan.practice')@endif
        @if ($work->showsVerdicts())@include('plan.verdicts')@else @include('plan.errors')@endif
    @endif
</aside>
