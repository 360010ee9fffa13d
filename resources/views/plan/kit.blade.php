<div class="board-text">
    @foreach (\App\Plans\Sheets\Sheets::KIT as $name)
        @include('plan.sheet', ['name' => $name])
    @endforeach
    <section class="sheet exchange" aria-labelledby="kit-files"><h3 id="kit-files">Files</h3>
        <p class="acts"><a href="{{ route('exchange.kit', $work->shoot->id) }}" download>Kit (CSV)</a></p>
        <x-act :work="$work" :to="route('exchange.bring', $work->shoot->id)" enctype="multipart/form-data" hx-encoding="multipart/form-data" class="tape-line">
            <input type="hidden" name="what" value="kit"><span class="why">Import a kit (CSV): a line with a known id updates it, any other adds</span>
            <input type="file" name="file" aria-label="Kit file" accept=".csv,text/csv"> <button class="plain">Import</button>
            @error('file')<p class="error">{{ $message }}</p>@enderror
        </x-act>
        <x-act :work="$work" :to="route('exchange.bring', $work->shoot->id)" enctype="multipart/form-data" hx-encoding="multipart/form-data" class="tape-line">
            <input type="hidden" name="what" value="ies"><span class="why">Import a lamp’s photometric file (IES LM-63 or EULUMDAT)</span>
            <label>called <input name="name" autocomplete="off"></label>
            <input type="file" name="file" aria-label="Photometric file" accept=".ies,.ldt"> <button class="plain">Import</button>
        </x-act>
    </section>
</div>
