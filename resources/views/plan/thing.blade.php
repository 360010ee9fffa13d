@php($handle = $thing->handle)
@if ($ink instanceof \App\View\Drawing\ScreenInk)
<a id="thing-{{ $thing->id }}{{ str_contains($thing->class, 'stand') ? '-stand' : '' }}" href="{{ $work->url(['select' => $thing->id]) }}" class="thing {{ $thing->class }}{{ $selected === $thing->id ? ' selected' : '' }}" aria-label="{{ $thing->name }}, {{ explode(' ', $thing->class)[0] }}, {{ $reader->metres($handle->x) }} across, {{ $reader->metres($handle->y) }} up" data-id="{{ $thing->id }}" data-pointer="{{ $handle->pointer }}" data-fx="{{ $handle->xField }}" data-fy="{{ $handle->yField }}" data-x="{{ $handle->x }}" data-y="{{ $handle->y }}" data-ft="{{ $handle->turnField }}" data-turn="{{ $handle->turnDeg }}">
@else
<g>
@endif
    @if ($thing->ring > 0)<circle {!! $ink->of('ring') !!} cx="{{ $thing->x }}" cy="{{ $thing->y }}" r="{{ $thing->ring }}"/>@endif
    @foreach ($thing->shapes as [$class, $path])
        <path {!! $ink->of($class) !!} d="{{ $path }}"/>
    @endforeach
    @unless (str_contains($thing->class, 'stand'))<text {!! $ink->of('label '.$thing->class) !!} x="{{ $thing->label[0] }}" y="{{ $thing->label[1] }}">{{ $thing->name }}</text>@endunless
@if ($ink instanceof \App\View\Drawing\ScreenInk)
</a>
@else
</g>
@endif
