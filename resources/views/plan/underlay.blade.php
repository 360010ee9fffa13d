@php($under = $work->room->taped->underlay)
<details class="shape-new" @if ($under || $errors->hasAny(['underlay', 'apart', 'x1', 'x2'])) open @endif><summary>Floor plan picture</summary>
    <x-act :work="$work" :to="route('underlay', $work->shoot->id)" enctype="multipart/form-data" hx-encoding="multipart/form-data" class="tape-line">
        <input type="file" name="underlay" accept="image/*" aria-label="Floor plan picture"> <button class="plain">{{ $under ? 'Replace' : 'Put under the drawing' }}</button>
        @error('underlay')<p class="error">{{ $message }}</p>@enderror
    </x-act>
    @if ($under)
        <x-act :work="$work" :to="route('underlay', $work->shoot->id)" class="tape-line" data-two-points>
            <button type="button" class="plain" data-mark-points aria-pressed="false">Mark two points on the floor</button>
            @foreach (['x1' => 'First, across', 'y1' => 'up', 'x2' => 'Second, across', 'y2' => 'up'] as $name => $label)<label>{{ $label }} <input class="num short" name="{{ $name }}" value="" inputmode="decimal" aria-label="{{ str_ends_with($name, '1') ? 'First' : 'Second' }} point, {{ str_starts_with($name, 'x') ? 'across' : 'up' }}, metres"></label>@endforeach
            <label>are <input class="num" name="apart" value="" inputmode="decimal" aria-label="Distance between"> apart</label>
            @foreach (['x1', 'apart'] as $key)@error($key)<p class="error">{{ $message }}</p>@enderror @endforeach
            <button class="keep show">Scale</button>
        </x-act>
        <p class="why">Move and rotate it on the room card.</p>
    @endif
</details>
