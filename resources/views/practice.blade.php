<x-page :title="__('practice.title').' · Fine Frame'" class="home">
    <header class="headline">
        <a class="house" href="{{ route('home') }}" aria-label="Fine Frame, all plans"><svg viewBox="0 0 32 22" aria-hidden="true"><path d="M2 2H30V20H2Z"/></svg></a>
        <h1>{{ __('practice.title') }}</h1>
        <p class="where">{{ __('practice.lead') }}</p>
        @include('settings')
    </header>
    <main>
        <ol class="exercises">
            @foreach ($desk->rows() as $row)
                <li><x-mark :state="$row['state']" /><div><h2>{{ $row['exercise']->title }} <small>{{ ucfirst($row['exercise']->stage->value) }}</small></h2><p class="why">{{ $row['exercise']->story }}</p>
                    <p class="acts"><small class="why">{{ trans_choice('practice.tries', $row['tries']) }}@if ($row['best']) · {{ __('practice.named') }} {{ $row['best']->is_named ? '✓' : '–' }} · {{ __('practice.mended') }} {{ $row['best']->is_mended ? '✓' : '–' }}@endif</small></p></div>
                    <form method="post" action="{{ route('practice.start', $row['exercise']->id) }}">@csrf<button class="keep show" aria-label="{{ __($row['tries'] ? 'practice.again' : 'practice.start') }}: {{ $row['exercise']->title }}">{{ __($row['tries'] ? 'practice.again' : 'practice.start') }}</button></form></li>
            @endforeach
        </ol>
        <section aria-labelledby="how"><h2 id="how">{{ __('practice.how') }}</h2>
            <table class="rows"><thead><tr><th scope="col">{{ __('practice.stage') }}</th><th scope="col">{{ ucfirst(__('practice.named')) }}</th><th scope="col">{{ ucfirst(__('practice.mended')) }}</th></tr></thead>
            <tbody>@foreach ($desk->byStage() as $stage)<tr><th scope="row">{{ $stage['stage'] }}</th><td class="num">{{ $stage['named'] }} / {{ $stage['of'] }}</td><td class="num">{{ $stage['mended'] }} / {{ $stage['of'] }}</td></tr>@endforeach</tbody></table>
        </section>
    </main>
</x-page>
