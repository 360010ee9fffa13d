<section id="floor" class="floor-panel" aria-label="Floor" @isset($oob) hx-swap-oob="morph" @endisset>
    <nav class="looks" aria-label="Ways to look">
        @foreach ($work->visitor->looks($work->stage) as $look => $name)
            @php($to = $work->url(['look' => $look] + ($work->stage === \FineFrame\Judge\Stage::Scout ? ['select' => null] : [])))
            <a href="{{ $to }}" hx-get="{{ $to }}" hx-swap="none" @if ($work->look === $look) aria-current="true" @endif>{{ $name }}</a>
        @endforeach
        @if ($work->isShown())
        @elseif ($work->isStill())
            @include('plan.adders')
        @else
            <span class="adders" data-keep></span>
        @endif
    </nav>
    <h2 class="sr">{{ \App\View\Workspace::looksOf($work->stage)[$work->look] ?? ucfirst($work->stage->value) }}</h2>
    @if ($work->stage !== \FineFrame\Judge\Stage::Brief && $work->places() !== [])@include('plan.places')@endif
    @switch($work->look)
        @case('board') @case('schools')
            @include('plan.brief-board')
            @break
        @case('notes')
            @include('plan.scout-notes')
            @break
        @case('ticks')
            @include('plan.ticks')
            @break
        @case('photos')
            @include('plan.photos')
            @break
        @case('photo')
            @include('plan.photo')
            @break
        @case('compare')
            @include('plan.compare')
            @break
        @case('book')
            @include('plan.tape-book')
            @break
        @case('propose')
            @include('plan.proposals')
            @break
        @case('grip')
            @include('plan.grip')
            @break
        @case('hours')
            @include('plan.hours')
            @break
        @case('today')
            @include('plan.today')
            @break
        @case('cues')
            @include('plan.cues')
            @break
        @case('cases')
            @include('plan.pack-cases')
            @break
        @case('out')
            @include('plan.pack-out')
            @break
        @case('ready')
            @include('plan.ready')
            @break
        @case('rolling')
            @include('plan.rolling')
            @break
        @case('drill')
            @include('plan.drill')
            @break
        @case('restore')
            @include('plan.restore')
            @break
        @case('copies')
            @include('plan.copies')
            @break
        @case('edit')
            @include('plan.edit')
            @break
        @case('live')
            @include('plan.live')
            @break
        @case('safety')
            @include('plan.safety')
            @break
        @case('power')
            @include('plan.power')
            @break
        @case('build')
            @include('plan.build')
            @break
        @case('cover')
            @if ($work->waits(\App\View\Effort::Sight))
                <x-later :work="$work" part="floor" :doing="\App\View\Effort::Sight->doing()" />
            @else
                @include('plan.cover')
            @endif
            @break
        @case('colours')
            @include('plan.colours')
            @break
        @case('hear')
            @include('plan.hear')
            @break
        @case('room')
            @include('plan.room-sound')
            @break
        @case('tracks')
            @include('plan.tracks')
            @break
        @case('mics')
            @include('plan.microphones')
            @break
        @case('cables')
            @include('plan.cables')
            @break
        @case('music')
            @include('plan.music')
            @break
        @case('radio')
            @include('plan.radio')
            @break
        @case('stops')
            @if ($work->waits(\App\View\Effort::Stops))
                <x-later :work="$work" part="floor" :doing="\App\View\Effort::Stops->doing()" />
            @else
                @include('plan.stops')
            @endif
            @break
        @case('day')
            @if ($work->waits(\App\View\Effort::Daylight))
                <x-later :work="$work" part="floor" :doing="\App\View\Effort::Daylight->doing()" />
            @else
                @include('plan.daylight')
            @endif
            @break
        @case('list')
            @include($work->stage === \FineFrame\Judge\Stage::Pack ? 'plan.pack-list' : 'plan.lighting-list')
            @break
        @case('lamps')
            <div class="board-text">@foreach (['house', ...\App\Plans\Sheets\Sheets::LAMPS] as $name)@include('plan.sheet', ['name' => $name])@endforeach</div>
            @break
        @case('kit')
            @include('plan.kit')
            @break
        @case('settings')
            @include('plan.settings')
            @break
        @case('side')
            @include('plan.elevation', ['side' => $work->elevation()])
            @break
        @case('table')
            @include('plan.table')
            @break
        @default
            @if ($work->stage === \FineFrame\Judge\Stage::Light && $work->setup->setup->lights !== [])<div class="beside">@include('plan.lamps')@endif
            @if ($work->stage === \FineFrame\Judge\Stage::Rig)@include('plan.plug')@endif
            @if ($work->stage === \FineFrame\Judge\Stage::Measure && ! $work->isShown())@include('plan.opening')@endif
            @include('plan.floor', ['floor' => $work->floor(), 'ink' => new \App\View\Drawing\ScreenInk, 'selected' => $work->selected, 'overlays' => $work->overlays()])
            @if ($work->stage === \FineFrame\Judge\Stage::Light && $work->setup->setup->lights !== [])</div>@endif
    @endswitch
</section>
