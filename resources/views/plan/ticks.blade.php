@php($lists = $work->ticks()->lists())
<div class="board-text ticks" data-log="{{ route('log', $work->shoot->id) }}">
    <p class="tape-line"><label>Your name <input name="who" maxlength="80" autocomplete="name" data-log-who></label> <span class="why" data-log-state role="status"></span></p>
    @forelse ($lists as $list)
        <h3>{{ $list['title'] }}</h3>
        <ul>@foreach ($list['items'] as $item)
            <li><label><input type="checkbox" data-item="{{ $item['id'] }}"> <span>{{ $item['name'] }}</span></label> <span class="why">{{ $item['more'] }}</span> <span class="why" data-by></span></li>
        @endforeach</ul>
    @empty
        <p class="why">Nothing to tick yet. Permissions and the scout bag are under Notes; anything you moved goes on the restore list.</p>
    @endforelse
    <p class="why">Several people can tick at once, online or offline. Offline ticks are sent when the connection is back; the later of two ticks counts.</p>
</div>
