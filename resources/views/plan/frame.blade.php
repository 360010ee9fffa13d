@php([$w, $h] = [\App\View\Drawing\FrameDrawing::WIDTH, $frame->height])
@php([$dx, $dy, $dw, $dh] = $frame->delivered())
<svg xmlns="http://www.w3.org/2000/svg" class="picture" viewBox="0 0 {{ $w }} {{ $h }}" role="img" aria-label="What {{ $frame->label }} sees" @isset($outer) {!! $outer !!} @endisset>
    <rect width="{{ $w }}" height="{{ $h }}" fill="#14140f"/>
    @php($layers = $frame->layers())
    <defs>@foreach (array_unique(array_column($layers, 'blur')) as $step)@if ($step > 0)<filter id="blur-{{ $frame->id }}-{{ $step }}" x="-5%" y="-5%" width="110%" height="110%"><feGaussianBlur stdDeviation="{{ \App\View\Drawing\FrameDrawing::BLURS[$step] }}"/></filter>@endif @endforeach</defs>
    @foreach ($layers as $layer)
        <g stroke-width="0.8" stroke-linejoin="round" @if ($layer['blur'] > 0) filter="url(#blur-{{ $frame->id }}-{{ $layer['blur'] }})" @endif @if ($layer['opacity'] < 1) opacity="{{ $layer['opacity'] }}" @endif>@foreach ($layer['paths'] as [$fill, $path])<path fill="{{ $fill }}" stroke="{{ $fill }}" d="{{ $path }}"/>@endforeach</g>
    @endforeach
    @if ($frame->isCropped())
        <path fill="#000000" fill-opacity="0.55" fill-rule="evenodd" d="M0 0H{{ $w }}V{{ $h }}H0ZM{{ $dx }} {{ $dy }}v{{ $dh }}h{{ $dw }}v{{ -$dh }}Z"/>
        <rect x="{{ $dx }}" y="{{ $dy }}" width="{{ $dw }}" height="{{ $dh }}" fill="none" stroke="#f4efe2" stroke-width="1.2"/>
    @endif
    <path fill="none" stroke="#ffffff" stroke-opacity="0.28" stroke-width="0.8" d="M{{ $dx + $dw / 3 }} {{ $dy }}v{{ $dh }}M{{ $dx + 2 * $dw / 3 }} {{ $dy }}v{{ $dh }}M{{ $dx }} {{ $dy + $dh / 3 }}h{{ $dw }}M{{ $dx }} {{ $dy + 2 * $dh / 3 }}h{{ $dw }}"/>
    @if ($marks = $frame->marks())
        <path fill="none" stroke="#ffffff" stroke-opacity="0.85" stroke-width="1.2" d="{{ $marks['headroom'] }}"/>
        <path fill="none" stroke="#ffffff" stroke-opacity="0.85" stroke-width="1.2" stroke-dasharray="5 4" d="{{ $marks['looking'] }}"/>
        <text class="mark-words" fill="#ffffff" font-size="14" x="{{ $marks['headAt'][0] }}" y="{{ $marks['headAt'][1] }}">{{ $marks['headWords'] }}</text>
        <text class="mark-words" fill="#ffffff" font-size="14" x="{{ $marks['lookAt'][0] }}" y="{{ $marks['lookAt'][1] }}">{{ $marks['lookWords'] }}</text>
    @endif
    @foreach ($frame->reflections() as $thing)
        <path fill="none" stroke="#ffd27d" stroke-width="1.4" stroke-dasharray="4 3" d="{{ $thing['path'] }}"/>
        <text class="intruder" fill="#ffd27d" stroke="#1a1210" stroke-width="3" paint-order="stroke" font-size="14" x="{{ $thing['x'] }}" y="{{ $thing['y'] }}">{{ $thing['words'] }}</text>
    @endforeach
    @foreach ($frame->intruders() as $thing)
        <path fill="#ff6a4d" fill-opacity="0.18" stroke="#ff6a4d" stroke-width="1.6" stroke-linejoin="round" d="{{ $thing['path'] }}"/>
        <text class="intruder" fill="#ffb3a1" stroke="#1a1210" stroke-width="3" paint-order="stroke" font-size="15" x="{{ $thing['x'] }}" y="{{ $thing['y'] }}">{{ $thing['words'] }}</text>
    @endforeach
</svg>
