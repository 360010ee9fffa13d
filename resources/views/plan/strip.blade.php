@if ($work->stage === \FineFrame\Judge\Stage::Scout && $work->look === 'sun')
    @include('plan.sun')
    <section id="frames" class="frames" hidden @isset($oob) hx-swap-oob="morph" @endisset></section>
@elseif ($work->look === 'take')
    @include('plan.take')
    <section id="frames" class="frames" hidden @isset($oob) hx-swap-oob="morph" @endisset></section>
@else
    <section id="strip" class="strip" hidden @isset($oob) hx-swap-oob="morph" @endisset></section>
    @if ($work->hasFrames())
        @include('plan.frames')
    @else
        <section id="frames" class="frames" hidden @isset($oob) hx-swap-oob="morph" @endisset></section>
    @endif
@endif
