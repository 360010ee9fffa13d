@php($desk = $work->wrap())
<div class="board-text ticks today" data-log="{{ route('log', $work->shoot->id) }}">
    <p class="tape-line"><label>Your name <input name="who" maxlength="80" autocomplete="name" data-log-who></label> <span class="why" data-log-state role="status"></span></p>
    <p><b>{{ $desk->isDone() ? 'Nothing left to do.' : 'Still open: do it, or say why not.' }}</b></p>
    @foreach ($desk->lists() as $list)
        <h3>{{ $list['title'] }}</h3>
        <ul class="ready">@foreach ($list['items'] as $item)
            <li><label><input type="checkbox" data-item="{{ $item['id'] }}"> <span>{{ $item['name'] }}</span></label> <span class="why">{{ $item['more'] }}</span> <span class="why" data-by></span>@if ($list['title'] === 'Outstanding') <label class="why">or why not <input data-waive="{{ $item['waive'] }}" maxlength="120" size="24"></label>@endif</li>
        @endforeach</ul>
    @endforeach
    <p><a class="plain" href="{{ $to = $work->url(['stage' => 'pack', 'look' => 'out']) }}">Everything back in its case</a></p>
</div>
