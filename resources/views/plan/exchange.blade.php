<section class="sheet exchange" aria-labelledby="exchange-title"><h3 id="exchange-title">Files</h3>
    @if ($for === 'tape')
        <p class="acts"><a href="{{ route('exchange.tape', ['shoot' => $work->shoot->id] + array_filter(['place' => $work->place(), 'room' => $work->room->id])) }}" download>Tape book (CSV)</a> <a href="{{ route('exchange.drawing', ['shoot' => $work->shoot->id] + array_filter(['place' => $work->place(), 'room' => $work->room->id])) }}" download>Drawing (DXF R12)</a> <a href="{{ route('export.floor', ['shoot' => $work->shoot->id] + array_filter(['place' => $work->place(), 'room' => $work->room->id])) }}" download>Floor, 1:50 (SVG)</a></p>
    @else
        <p class="acts"><a href="/readings-example.csv" download>An example of a readings table (CSV)</a></p>
    @endif
    <x-act :work="$work" :to="route('exchange.bring', $work->shoot->id)" enctype="multipart/form-data" hx-encoding="multipart/form-data" class="tape-line">
        @if ($for === 'tape')
            <label>Bring in <select name="what" aria-label="File type"><option value="tape">a tape book (CSV)</option><option value="drawing">a drawing (DXF)</option></select></label>
            <label>drawing units <select name="unit" aria-label="Drawing unit">@foreach (['m' => 'metres', 'cm' => 'centimetres', 'mm' => 'millimetres', 'in' => 'inches', 'ft' => 'feet'] as $unit => $name)<option value="{{ $unit }}">{{ $name }}</option>@endforeach</select></label>
        @else
            <input type="hidden" name="what" value="readings"><span class="why">Import readings from a device</span>
        @endif
        <input type="file" name="file" aria-label="File to bring in" accept=".csv,.dxf,text/csv"> <button class="plain">Bring in</button>
        @error('file')<p class="error">{{ $message }}</p>@enderror
    </x-act>
</section>
