<nav id="stages" class="rail" aria-label="Stages" @isset($oob) hx-swap-oob="morph" @endisset>
    <ol>
        @foreach ($work->rail() as $stop)
            <li>
                <a href="{{ $work->url(['stage' => $stop['stage']->value, 'select' => null]) }}" @if ($stop['stage'] === $work->stage) aria-current="page" @endif>@if ($work->showsVerdicts())<x-mark :state="$stop['state']" />@endif{{ ucfirst($stop['stage']->value) }}@if ($work->showsVerdicts())<span class="sr">: {{ $stop['state'] === 'none' ? 'not started' : $stop['state'] }}</span>@endif</a>
            </li>
        @endforeach
    </ol>
    @unless ($work->isShown())
    <div class="take-away">
        @foreach ($reader->units->value === 'metric' ? ['a4' => 'A4', 'letter' => 'Letter'] : ['letter' => 'Letter', 'a4' => 'A4'] as $paper => $name)
            <a href="{{ route('export.sheet', ['shoot' => $work->shoot->id, 'paper' => $paper]) }}">Sheet, {{ $name }}</a>
        @endforeach
        <a href="{{ route('export.plan', $work->shoot->id) }}" download>Plan file</a>
        <a href="{{ route('export.floor', $work->shoot->id) }}" download>Floor (SVG)</a>
        <a href="{{ route('pack.file', $work->shoot->id) }}" download>Single file to send</a>
        <a href="{{ route('share', $work->shoot->id) }}">Share</a>
    </div>
    @endunless
    <div class="pack" data-keep data-pack="{{ route('pack.pages', $work->shoot->id) }}" data-shoot="{{ $work->shoot->id }}"><button type="button" class="plain">Offline copy</button> <span class="why" data-pack-state role="status"></span></div>
</nav>
