<section id="floor" class="floor-panel" aria-label="Floor" @isset($oob) hx-swap-oob="morph" @endisset>
    <nav class="looks" aria-label="Ways to look">
        @foreach (['above' => 'From above', 'side' => 'From the side', 'table' => 'Table'] as $look => $name)
            <a href="{{ $work->url(['look' => $look]) }}" hx-get="{{ $work->url(['look' => $look]) }}" hx-swap="none" @if ($work->look === $look) aria-current="true" @endif>{{ $name }}</a>
        @endforeach
        @if ($work->isStill())
            @include('plan.adders')
        @else
            <span class="adders" data-keep></span>
        @endif
    </nav>
    @switch($work->look)
        @case('side')
            @include('plan.elevation', ['side' => $work->elevation()])
            @break
        @case('table')
            @include('plan.table')
            @break
        @default
            @include('plan.floor', ['floor' => $work->floor(), 'ink' => new \App\View\Drawing\ScreenInk, 'selected' => $work->selected, 'overlays' => $work->overlays()])
    @endswitch
</section>
