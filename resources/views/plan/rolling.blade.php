@php($desk = $work->roll())
<div class="board-text rolling" data-log="{{ route('log', $work->shoot->id) }}" data-roll='@json($desk->running())'>
    <p class="roll-clock" data-roll-clock>00:00:00:00</p>
    <p class="roll-take" data-roll-take role="status">not rolling</p>
    <p><button type="button" class="keep show roll-go" data-roll-do="roll" data-roll-act>Roll</button></p>
    <p class="roll-flags">@foreach (\App\View\RollDesk::FLAGS as $flag)<button type="button" class="keep show" data-roll-do="flag" data-flag="{{ $flag }}">{{ __("ready.flags.$flag") }}</button>@endforeach<button type="button" class="keep show" data-roll-do="silence" data-roll-silence>Hold for silence</button></p>
    @if ($topics = $desk->running()['topics'])<p class="roll-flags">@foreach ($topics as $topic)<button type="button" class="plain" data-roll-do="flag" data-flag="topic: {{ $topic['name'] }}">{{ $topic['name'] }}</button>@endforeach</p>@endif
    <p class="tape-line">@if ($sources = $desk->running()['sources'])<label>Best microphone <select data-roll-best><option value="">choose</option>@foreach ($sources as $source)<option>{{ $source }}</option>@endforeach</select></label>@endif
        <label>Set timecode to <input data-roll-jam placeholder="10:30:00:00" size="11" autocomplete="off"></label>
        <button type="button" class="plain" data-roll-do="undo">Undo last mark</button> <button type="button" class="plain" data-roll-do="large">Full screen</button></p>
    <p class="error" data-roll-said role="status"></p>
    <p data-roll-left></p>
    <p data-roll-coming></p>
    <ol class="roll-takes" reversed data-roll-takes></ol>
    <p class="why">Keep rolling a little before and after. Marks go on the current take, or the last one. <span data-log-state></span></p>
</div>
