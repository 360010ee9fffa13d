@include('plan.sheet', ['name' => 'sections'])
<x-act :work="$work" :to="route('exchange.bring', $work->shoot->id)" enctype="multipart/form-data" hx-encoding="multipart/form-data" class="tape-line">
    <input type="hidden" name="what" value="song"><span class="why">Import a MIDI file: markers become sections, with tempo and metre</span>
    <input type="file" name="file" aria-label="MIDI file" accept=".mid,.midi,audio/midi"> <button class="plain">Import</button>
    @error('file')<p class="error">{{ $message }}</p>@enderror
</x-act>
