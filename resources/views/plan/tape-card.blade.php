@php($room = $work->room->taped)
@php($survey = $room->survey)
@php($points = array_combine(array_column($room->book->walls, 'id'), array_slice($survey->points, 0, $survey->corners)) + array_column(array_map(fn ($b) => [$b->id, $b->name], $room->built), 1, 0))
@php($was = app()->bound('typed') ? app('typed') : [])
@php($next = ($survey->freedom > 0 || ! $survey->holds()) ? ($survey->next()[0] ?? null) : null)
@php($ids = array_keys($points))
@php($shown = ['tape', 'shape'])
@php($rooms = $work->setup->room->all)
@php($roomCard = $work->room->id === '' ? 'room' : "room:{$work->room->id}")
<div class="card-head"><h2>Tape{{ $work->room->name === '' ? '' : ': '.$work->room->name }}</h2><a href="{{ $work->url(['select' => 'none']) }}" hx-get="{{ $work->url(['select' => 'none']) }}" hx-swap="none" data-close title="Back to verdicts (Escape)">Verdicts</a></div>
@if (count($rooms) > 1)
    <nav class="places" aria-label="Rooms">@foreach ($rooms as $one)<a href="{{ $work->url(['room' => $one->id === '' ? null : $one->id]) }}" hx-get="{{ $work->url(['room' => $one->id === '' ? null : $one->id]) }}" hx-swap="none" @if ($one->id === $work->room->id) aria-current="true" @endif>{{ $one->name ?: 'First room' }}</a>@endforeach</nav>
@endif
@include('plan.errors')
<x-act :work="$work" :to="route('tape', $work->shoot->id)" class="tape-line" novalidate data-draft="tape">
    <label>From <select name="from" aria-label="From">@foreach ($points as $id => $name)<option value="{{ $id }}" @selected(($was['from'] ?? ($next ? ($ids[$next->from] ?? '') : '')) === $id)>{{ $name }}</option>@endforeach</select></label>
    <label>to <select name="to" aria-label="To">@foreach ($points as $id => $name)<option value="{{ $id }}" @selected(($was['to'] ?? ($next ? ($ids[$next->to] ?? '') : ($ids[1] ?? ''))) === $id)>{{ $name }}</option>@endforeach</select></label>
    <label>is <input class="num" name="length" value="{{ $was['length'] ?? '' }}" inputmode="{{ $reader->units->value === 'metric' ? 'decimal' : 'text' }}" autocomplete="off" aria-label="Length" placeholder="{{ $reader->units->value === 'metric' ? '4.82' : '15\'10"' }}"></label>
    <label>by <select name="by" aria-label="Measured with">@foreach (['tape', 'laser', 'paced', 'drawing'] as $by)<option @selected(($was['by'] ?? '') === $by)>{{ $by }}</option>@endforeach</select></label>
    @error('tape')<p class="error">{{ $message }}</p>@enderror
    <div class="acts"><button class="keep show">Save reading</button><button class="plain" name="take" value="1">Read the laser</button></div>
</x-act>
@if ($survey->freedom > 0 && ! $survey->isChain)<p class="closure">{{ $survey->freedom }} more {{ $survey->freedom === 1 ? 'reading' : 'readings' }} needed: <b>{{ implode(', ', array_map($survey->pair(...), $survey->next())) }}</b>.</p>@endif
<p class="closure">@if ($survey->isChecked() && $room->book->isTaped())Walls close to within <b class="num">{{ $reader->metres($survey->misclosureM) }}</b>, @endif<b class="num">{{ $reader->print(\FineFrame\Measure\Quantity::of($room->floor->signedArea(), \FineFrame\Measure\Unit::SquareMetre)) }}</b> of floor.</p>
@if ($room->book->isTaped())<table class="rows residuals"><thead><tr><th scope="col">Reading</th><th scope="col">Taped</th>@unless ($survey->isChain)<th scope="col">Off by</th>@endunless</tr></thead><tbody>
    @foreach ($survey->fit->readings as $i => $reading)
        @continue(! $reading->isTaped())
        @php($isAngle = $reading->before !== null)
        <tr @class(['again' => $i === ($survey->setAside[0] ?? -1) || $i === ($survey->stretched->reading ?? -1) || in_array($survey->names[$i], $survey->suspects(), true)])>
            <th scope="row">{{ $survey->names[$i] }}</th>
            <td class="num">{{ $isAngle ? number_format(rad2deg($reading->value), 1).'°' : $reader->metres($reading->value) }}</td>
            @unless ($survey->isChain)<td class="num">{{ $isAngle ? number_format(rad2deg($survey->fit->residuals[$i]), 2).'°' : $reader->metres($survey->fit->residuals[$i]) }}{{ abs($survey->fit->standardised[$i]) > \FineFrame\Space\SurveyFit::LIMIT ? ' · stands out' : '' }}{{ in_array($survey->names[$i], $survey->unchecked(), true) ? ' · unchecked' : '' }}</td>@endunless
        </tr>
    @endforeach
</tbody></table>@endif
@unless ($survey->isChain || ! $room->book->isTaped())<p class="why">Off by: computed minus taped. Each corner is inside its ellipse 19 times in 20; ellipses are drawn ten times full size.</p>@endunless
@include('plan.assumed')
@php($ways = array_filter($room->openings, fn ($o) => ! in_array($o->id, array_column($room->joined, 'through'), true)))
<details class="shape-new" @if ($errors->has('join')) open @endif><summary>Join a room behind an opening</summary>
    @if ($ways === [])
        <p class="why">Enter the door or opening first, in the tape book.</p>
    @else
        <x-act :work="$work" :to="route('rooms.join', $work->shoot->id)" class="tape-line" novalidate>
            <label>Through <select name="through">@foreach ($ways as $way)<option value="{{ $way->id }}" @selected(($was['through'] ?? '') === $way->id)>{{ $way->name }}</option>@endforeach</select></label>
            <label>the <input name="name" value="{{ $was['name'] ?? '' }}" autocomplete="off" aria-label="Name of the room"></label>
            <label>about <input class="num" name="width" value="{{ $was['width'] ?? $reader->field(4) }}" aria-label="Width"></label><label>by <input class="num" name="depth" value="{{ $was['depth'] ?? $reader->field(3) }}" aria-label="Depth"></label>
            @error('join')<p class="error">{{ $message }}</p>@enderror
            <button class="plain">Join</button>
        </x-act>
    @endif
    @if ($work->room->id !== '')<x-act :work="$work" :to="route('rooms.part', $work->shoot->id)"><button class="plain">Remove the {{ $work->room->name }}</button></x-act>@endif
</details>
<details class="shape-new"><summary>Sketch a different shape</summary>
    <x-act :work="$work" :to="route('shape', $work->shoot->id)" class="tape-line">
        <label>Shape <select name="shape"><option value="rectangle">rectangle</option><option value="ell">L</option><option value="5">five corners</option><option value="6">six corners</option><option value="8">eight corners</option></select></label>
        <label>about <input class="num" name="width" value="{{ $reader->field(6) }}" aria-label="Width"></label><label>by <input class="num" name="depth" value="{{ $reader->field(4) }}" aria-label="Depth"></label>
        @error('shape')<p class="error">{{ $message }}</p>@enderror
        <p class="why">This clears the room’s tape book and removes the rooms joined to it. Undo brings them back.</p><button class="plain">Sketch</button>
    </x-act>
</details>
@include('plan.underlay')
<p class="why">Heights, ceiling, doors, windows, outlets, columns and surfaces are in the tape book and on the room card.</p>
<p class="acts"><a class="plain" href="{{ $work->url(['select' => $roomCard]) }}" hx-get="{{ $work->url(['select' => $roomCard]) }}" hx-swap="none">Room card</a> <a class="plain" href="{{ $work->url(['look' => 'book']) }}" hx-get="{{ $work->url(['look' => 'book']) }}" hx-swap="none">Tape book</a></p>
