<svg xmlns="http://www.w3.org/2000/svg" class="plan elevation" viewBox="{{ $side->viewBox() }}" font-size="{{ $side->text() }}" role="img" aria-label="The set from the side, true to scale">
    <path class="section" d="{{ $side->room() }}"/>
    @foreach ($side->cones() as $cone)
        <path class="cone" d="{{ $cone['path'] }}"/>
    @endforeach
    @foreach ($side->solids() as $solid)
        <path class="solid {{ $solid['class'] }}" d="{{ $solid['path'] }}"/>
    @endforeach
    @foreach ($work->stage === \FineFrame\Judge\Stage::Sound ? $side->boomPlaces() : [] as $dot)
        <circle class="boom-place" cx="{{ $dot[0] }}" cy="{{ $dot[1] }}" r="2.6"/>
    @endforeach
    @foreach ($side->heights() as $height)
        <path class="level" d="{{ $height['line'] }}"/>
        <text class="label" x="{{ $height['at'][0] }}" y="{{ $height['at'][1] }}">{{ $height['words'] }}</text>
    @endforeach
</svg>
