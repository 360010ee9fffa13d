@php($desk = $work->wrap())
<div class="board-text ticks" data-log="{{ route('log', $work->shoot->id) }}" data-copies="{{ route('copies', $work->shoot->id) }}">
    <p>Choose the card’s folder and each copy’s: every file is summed here, in this browser, and compared. Nothing is sent but names, sizes and sums. A card is cleared only when two copies on two drives agree.</p>
    <p class="tape-line"><label>Card <input name="card" list="card-names" data-copies-card maxlength="80"></label><datalist id="card-names">@foreach ($desk->cards() as $card)<option>{{ $card }}</option>@endforeach</datalist>
        <label>Its folder <input type="file" webkitdirectory multiple data-copies-folder="card"></label> <label>or its checksum list <input type="file" data-copies-list="card" accept=".sha256,.md5,.xxh64,.txt"></label> <span class="why" data-copies-done="card"></span></p>
    @foreach ([0, 1] as $i)<p class="tape-line"><label>Drive <input data-copies-drive="{{ $i }}" list="drive-names" maxlength="80" value="{{ $desk->drives()[$i] ?? '' }}"></label>
        <label>its folder <input type="file" webkitdirectory multiple data-copies-folder="{{ $i }}"></label> <label>or its list <input type="file" data-copies-list="{{ $i }}" accept=".sha256,.md5,.xxh64,.txt"></label> <span class="why" data-copies-done="{{ $i }}"></span></p>@endforeach
    <datalist id="drive-names">@foreach ($desk->drives() as $drive)<option>{{ $drive }}</option>@endforeach</datalist>
    <p><button type="button" class="keep show" data-copies-go>Compare</button> <progress data-copies-progress max="1" value="0" hidden></progress> <span class="why" data-log-state></span></p>
    <p class="error" data-copies-wrong role="status"></p>
    <div data-copies-said role="status"></div>
    <p class="why">Checksum lists in the styles of sha256sum, md5sum and xxhsum are read, plain or tagged. Media hash lists in XML are not.</p>
</div>
