@php($broken = $work->brokenFrames())
<section id="frames" class="frames" aria-label="Frames" @isset($oob) hx-swap-oob="morph" @endisset>
    @if ($work->isStill() && $work->stage === \FineFrame\Judge\Stage::Light && $work->waits(\App\View\Effort::LitFrames))
        <x-later :work="$work" part="frames" :doing="\App\View\Effort::LitFrames->doing()" />
    @endif
    @foreach ($work->frames() as $frame)
        <figure id="frame-{{ $frame->id }}" @class(['frame', 'frame-breaks' => $work->showsVerdicts() && in_array($frame->id, $broken, true)])>
            <figcaption><a href="{{ $work->url(['select' => $frame->id]) }}" hx-get="{{ $work->url(['select' => $frame->id]) }}" hx-swap="none"><b>{{ $frame->label }}</b> {{ $frame->headline() }}</a> <span><a class="quiet" href="{{ route('export.frame', ['shoot' => $work->shoot->id, 'camera' => $frame->id]) }}" download title="Save this frame as SVG">SVG</a> <span class="num">{{ $frame->stop() }}</span></span></figcaption>
            @include('plan.frame')
        </figure>
    @endforeach
</section>
