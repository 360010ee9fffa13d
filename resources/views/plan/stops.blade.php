@php($stops = $work->stops())
<div class="beside">
    <section class="lamps" aria-label="Legend and probes">
        <h3>Stops over target exposure</h3>
        <p class="why">At {{ $reader->metres($stops->heightM) }}, as an incident dome facing A reads it; lines at whole stops. Frames show the light on each surface.</p>
        <ul class="legend">@foreach (array_reverse(\App\View\Drawing\Scale::legend()) as $step)<li><svg class="dab" viewBox="0 0 10 10" aria-hidden="true"><rect width="10" height="10" fill="{{ $step['fill'] }}"/></svg> {{ $step['words'] }}</li>@endforeach</ul>
        @if ($probes = $work->light()->probes())
            <table class="rows"><caption>Probes</caption><tbody>@foreach ($probes as $probe)<tr><th scope="row">{{ $probe['name'] }}</th><td class="num">{{ $probe['lux'] }}</td><td class="num">{{ $probe['stops'] }}</td></tr>@foreach ($probe['parts'] as [$name, $lux])<tr class="why"><td>{{ $name }}</td><td class="num">{{ $lux }}</td><td></td></tr>@endforeach @endforeach</tbody></table>
        @endif
        @include('plan.sheet', ['name' => 'probes'])
    </section>
    @include('plan.floor', ['floor' => $work->floor(), 'ink' => new \App\View\Drawing\ScreenInk, 'selected' => $work->selected, 'overlays' => ['stops'], 'stops' => $stops, 'probes' => true])
</div>
