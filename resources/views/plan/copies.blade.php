@php($desk = $work->wrap())
<div class="board-text ticks" data-log="{{ route('log', $work->shoot->id) }}" data-copies="{{ route('copies', $work->shoot->id) }}">
    <p>Choose the card’s folder and each copy’s folder. Every file is checksummed in this browser and compared; only names, sizes and checksums are sent. A card is cleared only when two copies on two drives match.</p>
    <p class="tape-line"><label>Card <input name="card" list="card-names" data-copies-card maxlength="80"></label><datalist id="card-names">@foreach ($desk->cards() as $card)<option>{{ $card }}</option>@endforeach</datalist>
        <label>Card folder <input type="file" webkitdirectory multiple data-copies-folder="card"></label> <label>or its checksum file <input type="file" data-copies-list="card" accept=".sha256,.md5,.xxh64,.txt"></label> <span class="why" data-copies-done="card"></span></p>
    @foreach ([0, 1] as $i)<p class="tape-line"><label>Drive <input data-copies-drive="{{ $i }}" list="drive-names" maxlength="80" value="{{ $desk->drives()[$i] ?? '' }}"></label>
        <label>folder <input type="file" webkitdirectory multiple data-copies-folder="{{ $i }}"></label> <label>or checksum file <input type="file" data-copies-list="{{ $i }}" accept=".sha256,.md5,.xxh64,.txt"></label> <span class="why" data-copies-done="{{ $i }}"></span></p>@endforeach
    <datalist id="drive-names">@foreach ($desk->drives() as $drive)<option>{{ $drive }}</option>@endforeach</datalist>
    <p><button type="button" class="keep show" data-copies-go>Compare</button> <progress data-copies-progress max="1" value="0" hidden></progress> <span class="why" data-log-state></span></p>
    <p class="error" data-copies-wrong role="status"></p>
    <div data-copies-said role="status"></div>
    <p class="why">Reads checksum files written by sha256sum, md5sum and xxhsum. Does not read media hash lists in XML.</p>
</div>
