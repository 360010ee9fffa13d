@php($location = $work->setup->location)
@php($room = $location->space)
@php($base = "/locations/$location->id/space")
@php($typed = app()->bound('typed') && isset(app('typed')['walls']) ? app('typed') : null)
@php($corner = fn (int $i): string => chr(65 + $i % 26))
@php($walls = $typed['walls'] ?? array_map(fn ($w) => ['id' => $w->id, 'name' => $w->name, 'length_m' => $reader->field($w->lengthM), 'turn_deg' => round(rad2deg($w->turnRad), 3)], $room->tape))
@php($diagonals = $typed['diagonals'] ?? array_map(fn ($d) => ['from' => $d->from, 'to' => $d->to, 'length_m' => $reader->field($d->lengthM)], $room->diagonals))
@php($openings = $typed['openings'] ?? array_map(fn ($o) => ['id' => $o->id, 'name' => $o->name, 'kind' => $o->kind->value, 'wall' => $o->wall, 'offset_m' => $reader->field($o->offsetM), 'width_m' => $reader->field($o->widthM), 'sill_m' => $reader->field($o->sillM), 'head_m' => $reader->field($o->headM), 'way_out' => $o->wayOut ? '1' : ''], $room->openings))
@php($blank = fn (array $rows): array => array_values(array_filter($rows, fn ($r) => trim($r['length_m'] ?? $r['width_m'] ?? '') !== '')))
@php($shown = array_filter(array_keys($errors->getMessages()), fn ($k) => preg_match('~/(walls|openings|diagonals)/\d+/|height_m$|north_deg$~', $k)))
<div class="card-head">
    <h2>Tape book</h2>
    <a href="{{ $work->url(['select' => 'none']) }}" hx-get="{{ $work->url(['select' => 'none']) }}" hx-swap="none" data-close title="Back to the verdicts (Escape)">Verdicts</a>
</div>
@include('plan.errors')
<p class="why">Walk the room with the wall at your right hand. Each wall: its length, then the turn to the next; left is positive, a square inner corner 90. With diagonals, the turns are only a sketch. <span class="num">{{ $reader->units->value === 'metric' ? '3.2, 320cm' : '10\'6", 10ft 6 1/2in' }}</span></p>
<p class="closure">@if ($room->closure->checked)Closes within <b class="num">{{ $reader->metres($room->closure->misclosureM) }}</b>, @endif<b class="num">{{ $reader->print(\FineFrame\Measure\Quantity::of($room->floor->signedArea(), \FineFrame\Measure\Unit::SquareMetre)) }}</b> of floor.</p>
<x-act :work="$work" :to="route('room', $work->shoot->id)" class="card room-card" novalidate>
    <fieldset>
        <legend>Place</legend>
        @foreach (['place' => ['Name', $typed['place'] ?? $location->name], 'height_m' => ['Ceiling', $typed['height_m'] ?? $reader->field($room->heightM)], 'north_deg' => ['Bearing of up, true', $typed['north_deg'] ?? round(rad2deg($room->northRad), 3)]] as $name => [$label, $value])
            @php($error = $errors->first($name) ?: $errors->first("$base/$name"))
            <div @class(['field', 'field-wrong' => $error])><label for="room-{{ $name }}">{{ $label }}</label><input id="room-{{ $name }}" name="{{ $name }}" value="{{ $value }}" autocomplete="off">@if ($error)<p class="error">{{ $error }}</p>@endif</div>
        @endforeach
    </fieldset>
    <fieldset>
        <legend>Walls</legend>
        <table class="rows">
            <thead><tr><th scope="col">From</th><th scope="col">Name</th><th scope="col">Length</th><th scope="col">Turn°</th></tr></thead>
            <tbody>
                @foreach ([...$blank($walls), [], []] as $i => $row)
                    <tr>
                        <th scope="row">{{ $corner($i) }}<input type="hidden" name="walls[{{ $i }}][id]" value="{{ $row['id'] ?? '' }}"></th>
                        <td><input name="walls[{{ $i }}][name]" value="{{ $row['name'] ?? '' }}" aria-label="Wall {{ $corner($i) }}, name" autocomplete="off"></td>
                        <td><input class="num" name="walls[{{ $i }}][length_m]" value="{{ $row['length_m'] ?? '' }}" aria-label="Wall {{ $corner($i) }}, length" autocomplete="off"></td>
                        <td><input class="num short" name="walls[{{ $i }}][turn_deg]" value="{{ $row['turn_deg'] ?? '' }}" aria-label="Wall {{ $corner($i) }}, turn at its end" autocomplete="off"></td>
                    </tr>
                    @include('plan.row-error', ['at' => "$base/walls/$i", 'span' => 4])
                @endforeach
            </tbody>
        </table>
    </fieldset>
    <fieldset>
        <legend>Diagonals</legend>
        <table class="rows">
            <thead><tr><th scope="col">From</th><th scope="col">To</th><th scope="col">Length</th></tr></thead>
            <tbody>
                @foreach ([...$blank($diagonals), []] as $i => $row)
                    <tr>
                        @foreach (['from', 'to'] as $end)
                            <td><select name="diagonals[{{ $i }}][{{ $end }}]" aria-label="Diagonal {{ $i + 1 }}, {{ $end }} corner">@foreach ($room->tape as $k => $wall)<option value="{{ $wall->id }}" @selected(($row[$end] ?? '') === $wall->id)>{{ $corner($k) }}</option>@endforeach</select></td>
                        @endforeach
                        <td><input class="num" name="diagonals[{{ $i }}][length_m]" value="{{ $row['length_m'] ?? '' }}" aria-label="Diagonal {{ $i + 1 }}, length" autocomplete="off"></td>
                    </tr>
                    @include('plan.row-error', ['at' => "$base/diagonals/$i", 'span' => 3])
                @endforeach
            </tbody>
        </table>
    </fieldset>
    <fieldset>
        <legend>Doors and windows</legend>
        @foreach ([...$blank($openings), []] as $i => $row)
            <div class="opening">
                <input type="hidden" name="openings[{{ $i }}][id]" value="{{ $row['id'] ?? '' }}">
                <input name="openings[{{ $i }}][name]" value="{{ $row['name'] ?? '' }}" placeholder="{{ $row === [] ? 'another door or window' : '' }}" aria-label="Opening {{ $i + 1 }}, name" autocomplete="off">
                <select name="openings[{{ $i }}][kind]" aria-label="Opening {{ $i + 1 }}, kind">@foreach (['window', 'door'] as $kind)<option @selected(($row['kind'] ?? '') === $kind)>{{ $kind }}</option>@endforeach</select>
                <select name="openings[{{ $i }}][wall]" aria-label="Opening {{ $i + 1 }}, wall">@foreach ($room->tape as $k => $wall)<option value="{{ $wall->id }}" @selected(($row['wall'] ?? '') === $wall->id)>{{ $corner($k) }} {{ $wall->name }}</option>@endforeach</select>
                @foreach (['offset_m' => 'from corner', 'width_m' => 'width', 'sill_m' => 'sill', 'head_m' => 'head'] as $name => $label)
                    <label>{{ $label }}<input class="num" name="openings[{{ $i }}][{{ $name }}]" value="{{ $row[$name] ?? '' }}" aria-label="Opening {{ $i + 1 }}, {{ $label }}" autocomplete="off"></label>
                @endforeach
                <label class="tick"><input type="checkbox" name="openings[{{ $i }}][way_out]" value="1" @checked(($row['way_out'] ?? '') === '1')> way out</label>
                @foreach ($errors->getMessages() as $key => $messages)@if (str_starts_with($key, "$base/openings/$i/"))<p class="error">{{ $messages[0] }}</p>@endif @endforeach
            </div>
        @endforeach
    </fieldset>
    <button class="keep show">Measure</button>
</x-act>
