@php($lists = $work->ticks()->lists())
<div class="board-text ticks" data-log="{{ route('log', $work->shoot->id) }}">
    <p class="tape-line"><label>Who ticks here <input name="who" maxlength="80" autocomplete="name" data-log-who></label> <span class="why" data-log-state role="status"></span></p>
    @forelse ($lists as $list)
        <h3>{{ $list['title'] }}</h3>
        <ul>@foreach ($list['items'] as $item)
            <li><label><input type="checkbox" data-item="{{ $item['id'] }}"> <span>{{ $item['name'] }}</span></label> <span class="why">{{ $item['more'] }}</span> <span class="why" data-by></span></li>
        @endforeach</ul>
    @empty
        <p class="why">Nothing to tick yet: askings and what goes along stand under Notes; what has to go back is what was moved.</p>
    @endforelse
    <p class="why">Several people tick at one time, with a connection or without. What waits here is sent when it is back; of two ticks of one thing the later counts.</p>
</div>
