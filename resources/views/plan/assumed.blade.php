@if ($rows = $work->assumed()->rows())
<section class="assumed" aria-labelledby="assumed-title"><h3 id="assumed-title">{{ __('starting.assumed.title') }} <small class="num">{{ count($rows) }}</small></h3>
    <p class="why">{{ __('starting.assumed.hint') }}</p>
    <ul>
        @foreach ($rows as $row)
            <li><a href="{{ $work->url($row['with']) }}" hx-get="{{ $work->url($row['with']) }}" hx-swap="none">{{ $row['name'] }}</a> <span class="num">{{ $row['value'] }}</span>
                <x-act :work="$work" :to="route('assumed', $work->shoot->id)" :with="['pointer' => $row['pointer']]" class="inline"><button class="plain" aria-label="{{ $row['name'] }} {{ __('starting.assumed.right') }}">{{ __('starting.assumed.short') }}</button></x-act></li>
        @endforeach
    </ul>
</section>
@endif
