@php($desk = $work->pack())
<div class="board-text pack-cases">
    @if ($desk->pack->cases === [])<p class="why">No cases yet.</p>
    @else
        <p><b>{{ $desk->carried() }}</b></p>
        @if ($left = $desk->left())<p class="error">No room for: {{ implode('; ', $left) }}.</p>@endif
        @foreach ($desk->cases() as $case)
            <section class="case"><h3>{{ $case['name'] }} <span class="why">{{ $case['kg'] }}, {{ $case['filled'] }} full</span></h3>
                <div class="case-views">
                    @foreach (['top' => 'From above', 'side' => 'From the side'] as $view => $words)<figure><svg class="case-view" viewBox="-1 -1 {{ round($case[$view]['width'] + 2, 1) }} {{ round($case[$view]['height'] + 2, 1) }}" width="{{ round($case[$view]['width'] + 2) }}" height="{{ round($case[$view]['height'] + 2) }}" role="img" aria-label="{{ $case['name'] }}, {{ strtolower($words) }}">
                        <rect class="case-wall" width="{{ round($case[$view]['width'], 1) }}" height="{{ round($case[$view]['height'], 1) }}"/>
                        @foreach ($case[$view]['boxes'] as $box)<g class="case-thing"><title>{{ $box['title'] }}</title><rect x="{{ round($box['x'], 1) }}" y="{{ round($box['y'], 1) }}" width="{{ round($box['width'], 1) }}" height="{{ round($box['height'], 1) }}"/>@if ($box['words'])<text x="{{ round($box['x'] + 3, 1) }}" y="{{ round($box['y'] + 10, 1) }}">{{ $box['words'] }}</text>@endif</g>@endforeach
                    </svg><figcaption class="why">{{ $words }}</figcaption></figure>@endforeach
                    <p class="case-things">{{ implode(', ', array_map(fn ($t) => ($t['count'] > 1 ? $t['count'].' × ' : '').$t['name'], $case['things'])) }}</p>
                </div>
            </section>
        @endforeach
    @endif
    @include('plan.sheet', ['name' => 'cases'])
</div>
