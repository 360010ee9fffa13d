@php($shoot = $desk->shoot)
<x-page :title="__('history.title').' · '.$shoot->title.' · Fine Frame'" class="home">
    <header class="headline">
        <a class="house" href="{{ route('home') }}" aria-label="Fine Frame, all plans"><svg viewBox="0 0 32 22" aria-hidden="true"><path d="M2 2H30V20H2Z"/></svg></a>
        <h1>{{ __('history.title') }}: {{ $shoot->title }}</h1>
        <p class="where"><a href="{{ route('stage', ['shoot' => $shoot->id, 'stage' => 'cameras']) }}">{{ __('history.back') }}</a></p>
        @include('settings')
    </header>
    <main class="versions">
        @if (session('said'))<div class="said" role="status"><p>{{ session('said') }}</p></div>@endif
        <section aria-labelledby="two" class="two">
            <h2 id="two" class="sr">{{ __('history.compare') }}</h2>
            @foreach ($desk->sides() as $i => $side)
                <div class="version">
                    <h3>{{ __('history.version', ['version' => $side['version']]) }} <small>{{ $side['name'] }}</small></h3>
                    @if (count($side['setups']) > 1)<label>{{ __('history.setup') }} <select name="{{ ['left_setup', 'right_setup'][$i] }}" form="compare">@foreach ($side['setups'] as $id => $name)<option value="{{ $id }}" @selected($id === $side['setup'])>{{ $name }}</option>@endforeach</select></label>@endif
                    <p class="num">{{ $side['headline'] }}</p>
                    @foreach ($side['frames'] as $frame)
                        <figure class="frame"><figcaption><b>{{ $frame->label }}</b> {{ $frame->headline() }}</figcaption>@include('plan.frame', ['frame' => $frame])</figure>
                    @endforeach
                </div>
            @endforeach
            <div class="otherwise"><h3>{{ __('history.verdicts') }}</h3>
                @if ($turned = $desk->turned())
                    <ul>@foreach ($turned as $one)<li><x-mark :state="$one->before?->severity->value ?? 'holds'" /> → <x-mark :state="$one->after?->severity->value ?? 'holds'" /> <span>{{ $desk->phrase->finding($one->finding()) }} <span class="why">{{ $one->before?->severity->value ?? __('history.held') }} → {{ $one->after?->severity->value ?? __('history.held') }}</span></span></li>@endforeach</ul>
                @else<p class="why">{{ __('history.none') }}</p>@endif
                <h3>{{ __('history.fields') }}</h3>
                @if ($fields = $desk->fields())
                    <table class="rows"><tbody>@foreach ($fields as $row)<tr><th scope="row">{{ ucfirst($row['field']) }}</th><td class="num">{{ $row['before'] }}</td><td class="num">{{ $row['after'] }}</td></tr>@endforeach</tbody></table>
                @else<p class="why">{{ __('history.same') }}</p>@endif
            </div>
        </section>
        <section aria-labelledby="all"><h2 id="all">{{ __('history.all') }}</h2><p class="why">{{ __('history.hint') }}</p>
            <form id="compare" method="get" action="{{ route('history', $shoot->id) }}"><button class="keep show">{{ __('history.compare') }}</button></form>
            <table class="rows walked"><thead><tr><th scope="col">{{ __('history.older') }}</th><th scope="col">{{ __('history.newer') }}</th><th scope="col">{{ __('history.did') }}</th><th></th></tr></thead>
            <tbody>@foreach ($desk->versions() as $head)
                <tr>@foreach (['left', 'right'] as $i => $side)<td><input type="radio" form="compare" name="{{ $side }}" value="{{ $head->version }}" aria-label="{{ __('history.'.['older', 'newer'][$i]) }}: {{ $head->words }}" @checked($desk->heads[$i]->version === $head->version)></td>@endforeach
                    <td>{{ $head->words }} <small class="why">{{ $head->who }}, {{ $head->created_at->setTimezone(date_default_timezone_get())->format('j M, H:i') }}</small></td>
                    <td>@if ($head->version === $shoot->version)<span class="why">{{ __('history.now') }}</span>@else<form method="post" action="{{ route('history.bring', $shoot->id) }}">@csrf<input type="hidden" name="version" value="{{ $shoot->version }}"><input type="hidden" name="bring" value="{{ $head->version }}"><button class="plain" aria-label="{{ __('history.bring') }}: {{ $head->words }}">{{ __('history.bring') }}</button></form>@endif</td></tr>
            @endforeach</tbody></table>
        </section>
    </main>
</x-page>
