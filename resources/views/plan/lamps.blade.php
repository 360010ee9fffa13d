@php($desk = $work->light())
<section class="lamps" aria-label="Lamps and faces">
    <ul class="switches">
        @foreach ($desk->lamps() as $lamp)
            <li @class(['is-off' => ! $lamp['burns']])>
                <a class="plain" data-lamp="{{ $lamp['nth'] }}" href="{{ $work->url(['off' => $lamp['off']]) }}" hx-get="{{ $work->url(['off' => $lamp['off']]) }}" hx-swap="none" @if ($lamp['lookedOff']) aria-pressed="true" @endif role="button" title="Press {{ $lamp['nth'] }}"><span class="num">{{ $lamp['nth'] }}</span> {{ $lamp['name'] }}: {{ $lamp['state'] }}</a>
                <span class="why">{{ $lamp['does'] }}</span>
                <a class="plain" data-lamp-alone="{{ $lamp['nth'] }}" href="{{ $work->url(['off' => $lamp['alone']]) }}" hx-get="{{ $work->url(['off' => $lamp['alone']]) }}" hx-swap="none" role="button" title="Shift and {{ $lamp['nth'] }}">solo</a>
            </li>
        @endforeach
    </ul>
    @if ($hours = $desk->hours())
        <form method="get" action="{{ $work->url() }}" hx-get="{{ $work->url(['sky' => null, 'hour' => null]) }}" hx-swap="none" hx-trigger="change, submit" class="tape-line dimmers hour">
            @foreach (array_diff_key($work->where->fields(), ['sky' => 0, 'hour' => 0]) as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <label>Light by <select name="sky" aria-label="Sky"><option value="">as planned</option>@foreach (\FineFrame\Light\Weather::skies() as $sky)<option value="{{ $sky->value }}" @selected($desk->looked->sky === $sky)>{{ $sky->value }}</option>@endforeach</select></label>
            <label>at <select name="hour" aria-label="Hour"><option value="">planned hour</option>@foreach ($hours as $hour)<option @selected($desk->looked->hour === $hour)>{{ $hour }}</option>@endforeach</select></label>
            <noscript><button class="plain">Look</button></noscript>
        </form>
    @endif
    @if ($desk->hasBoards())<p class="acts"><a class="plain" role="button" href="{{ $work->url(['bare' => $desk->looked->isBare ? null : '1']) }}" hx-get="{{ $work->url(['bare' => $desk->looked->isBare ? null : '1']) }}" hx-swap="none" @if ($desk->looked->isBare) aria-pressed="true" @endif>{{ $desk->looked->isBare ? 'Show boards and cloths' : 'Hide boards and cloths' }}</a></p>@endif
    @php($was = app()->bound('typed') ? app('typed') : [])
    <x-act :work="$work" :to="route('dimmers', $work->shoot->id)" class="tape-line dimmers" novalidate>
        <label>Set dimmers for T <input class="num" name="stop" value="{{ $was['stop'] ?? round($work->setup->setup->metering->tStop, 2) }}" inputmode="decimal" aria-label="T-stop"></label>
        <label>at <input class="num" name="ratio" value="{{ $was['ratio'] ?? '3' }}" inputmode="decimal" aria-label="Cheek to cheek"> : 1</label>
        <label>background below face by <input class="num" name="under" value="{{ $was['under'] ?? '' }}" inputmode="decimal" aria-label="Background, stops below the face"></label>
        <label>hair above face by <input class="num" name="hair" value="{{ $was['hair'] ?? '' }}" inputmode="decimal" aria-label="Hair, stops above the face"></label>
        <label>keep <select name="keep" aria-label="Lamp to leave as set"><option value="">none</option>@foreach ($desk->lamps() as $lamp)<option value="{{ $lamp['id'] }}" @selected(($was['keep'] ?? '') === $lamp['id'])>{{ $lamp['name'] }}</option>@endforeach</select></label>
        <label>on <select name="face" aria-label="Face">@foreach ($work->setup->subjects() as $subject)<option value="{{ $subject->id }}" @selected(($was['face'] ?? '') === $subject->id)>{{ $subject->name }}</option>@endforeach</select></label>
        <button class="plain">Solve</button>
        @error('dimmers')<p class="error">{{ $message }}</p>@enderror
    </x-act>
    @foreach ($desk->faces() as $face)
        <div class="face-light"><h3>{{ $face['name'] }} <b class="num">{{ $face['total'] }}</b> <span class="num">{{ $face['stop'] }}</span></h3>
            {{-- One line each, whatever they say: the floor below must not move under a hand that drags. --}}
            <ul class="lines why"><li>{{ $face['over'] }} · cheeks {{ $face['cheeks'] }}</li><li>{{ implode(', ', array_filter([$face['pattern'], $face['side'], $face['soft']])) }}</li><li>{{ $face['nose'] ?: 'no nose shadow' }}</li><li>left {{ $face['left'] }}, right {{ $face['right'] }}</li><li>hair {{ $face['hair'] }}</li></ul>
            <table class="bars"><tbody>@foreach ($face['bars'] as $bar)<tr><th scope="row">{{ $bar['name'] }}</th><td><meter min="0" max="1" value="{{ round($bar['share'], 3) }}">{{ round(100 * $bar['share']) }} %</meter></td><td class="num">{{ $bar['lux'] }}</td></tr>@endforeach</tbody></table>
        </div>
    @endforeach
</section>
