@php($desk = $work->pack())
<div class="board-text ticks today" data-log="{{ route('log', $work->shoot->id) }}" data-pack-out>
    <p class="tape-line"><label>Your name <input name="who" maxlength="80" autocomplete="name" data-log-who></label> <span class="why" data-log-state role="status"></span></p>
    <p class="tape-line"><label>Label <input name="mark" data-pack-mark autocomplete="off" placeholder="item or label" list="pack-marks"></label>
        <label>is <select data-pack-way><option value="out">packed</option><option value="back">back</option></select></label> <button type="button" class="plain" data-pack-tick>Tick</button> <button type="button" class="plain" data-pack-scan hidden>Scan</button> <span class="why" data-pack-said role="status"></span></p>
    <video class="pack-video" data-pack-video hidden playsinline muted></video>
    @forelse ($desk->ticks() as $list)
        <div class="wide-table"><table class="rows power" data-pack-case="{{ $list['title'] }}"><caption>{{ $list['title'] }} <span class="why" data-pack-count></span></caption>
            <thead class="sr"><tr><th scope="col">Packed</th><th scope="col">What</th><th scope="col">Back</th><th scope="col"></th></tr></thead>
            <tbody>@foreach ($list['items'] as $item)
                <tr data-pack-thing="{{ $item['id'] }}" data-pack-name="{{ $item['name'] }}"><td data-ticked><input type="checkbox" data-item="{{ $desk->tick($item['id'], 'out') }}" aria-label="{{ $item['name'] }} is packed"> <span class="why" data-by></span></td><th scope="row">{{ $item['name'] }}</th><td data-ticked><label><input type="checkbox" data-item="{{ $desk->tick($item['id'], 'back') }}" aria-label="{{ $item['name'] }} is back"> back</label> <span class="why" data-by></span></td></tr>
            @endforeach</tbody></table></div>
    @empty<p class="why">Nothing to tick yet.</p>@endforelse
</div>
