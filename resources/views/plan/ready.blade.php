@php($desk = $work->roll())
<div class="board-text ticks today" data-log="{{ route('log', $work->shoot->id) }}">
    <p class="tape-line"><label>Your name <input name="who" maxlength="80" autocomplete="name" data-log-who></label> <span class="why" data-log-state role="status"></span></p>
    @foreach ($desk->ready() as $list)
        <h3>{{ $list['title'] }}</h3>
        <ol class="ready">@foreach ($list['steps'] as $step)
            <li @class(['is-over' => $step['blockers'] !== []])><label><input type="checkbox" data-item="{{ $step['item'] }}"> <span>{{ $step['says'] }}</span></label> <span class="why" data-by></span>
                @foreach ($step['blockers'] as $blocker)<p class="error">{{ $blocker }}</p>@endforeach</li>
        @endforeach</ol>
    @endforeach
    <p class="why">Same order for every setup. Anything that breaks in the plan is shown at the step it would spoil; its mend is in the verdicts.</p>
</div>
