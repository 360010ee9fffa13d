@php($desk = $work->cues())
@php($running = $desk->running())
<div class="board-text live" @if ($running) data-cues='@json($running)' @endif>
    @if ($running === [])
        <p class="why">Nothing to run yet: no sections and no cues. <a href="{{ $to = $work->url(['look' => 'cues']) }}" hx-get="{{ $to }}" hx-swap="none">Type them under Music and media.</a></p>
    @else
        <p class="live-now"><span class="num" data-cue-clock>0:00.0</span> <span data-cue-section></span></p>
        <p class="live-left" data-cue-left>–</p>
        <p class="live-next" data-cue-what role="status"></p>
        <p class="live-then why" data-cue-then></p>
        <p class="live-acts">
            <button type="button" class="keep show" data-cue-act="run">Start</button>
            <button type="button" class="plain" data-cue-act="next" title="Starts now: set the clock to it">Next section starts now</button>
            <button type="button" class="plain" data-cue-act="back">−1 s</button>
            <button type="button" class="plain" data-cue-act="on">+1 s</button>
            <button type="button" class="plain" data-cue-act="reset">Back to the top</button>
            <button type="button" class="plain" data-cue-act="large">Full screen</button>
            @if ($people = $desk->people())<label>Cues for <select data-cue-for><option value="">everybody</option>@foreach ($people as $who)<option>{{ $who }}</option>@endforeach</select></label>@endif
        </p>
        <p class="why">Works on this device without a network. Space starts and stops; N jumps to the next section. The screen stays on where the browser allows it.</p>
    @endif
</div>
