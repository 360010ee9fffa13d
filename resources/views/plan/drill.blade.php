@php($desk = $work->roll())
<div class="board-text">
    <p>Remove any one thing and see what fails.</p>
    <p class="roll-flags">@foreach ($desk->things() as $id => $name)@php($to = $work->url(['look' => 'drill', 'ask' => $id]))<a class="plain" href="{{ $to }}" hx-get="{{ $to }}" hx-swap="none" @if ($work->where->ask === $id) aria-current="true" @endif>{{ $name }}</a>@endforeach</p>
    @if ($work->where->ask !== '')
        @if ($drill = $desk->drill($work->where->ask))
            <h3>Without {{ $desk->things()[$work->where->ask] ?? $work->where->ask }}</h3>
            @if ($drill['breaks'] === [] && $drill['watches'] === [])<p><b>Nothing else breaks.</b> {{ $drill['holds'] }} checks hold.</p>@endif
            @if ($drill['breaks'])<ul class="cautions">@foreach ($drill['breaks'] as $one)<li><b>{{ $one['says'] }}</b>@if ($one['mend']) Quickest mend: {{ $one['mend'] }}.@endif</li>@endforeach</ul>@endif
            @if ($drill['watches'])<p>Then watch:</p><ul class="cautions">@foreach ($drill['watches'] as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
        @else<p class="why">That isn’t in this setup, or nothing works without it.</p>@endif
    @endif
    @if ($chains = $desk->chains())
        <h3>No sound? One step at a time</h3>
        @foreach ($chains as $chain)<details><summary>{{ $chain['name'] }}</summary><ol class="ready">@foreach ($chain['steps'] as $step)<li>{{ $step }}</li>@endforeach</ol></details>@endforeach
    @endif
</div>
