<header id="headline" class="headline" @isset($oob) hx-swap-oob="morph" @endisset>
    <a class="house" href="{{ $work->isShown() ? $work->url() : route('home') }}" aria-label="Fine Frame{{ $work->isShown() ? '' : ', all plans' }}"><svg viewBox="0 0 32 22" aria-hidden="true"><path d="M2 2H30V20H2Z"/></svg></a>
    <h1>{{ $work->setup->plan->shoot->title }}</h1>
    <p class="where">{{ $work->setup->location->name }} · {{ $work->setup->setup->name }}@if ($when = $work->when()) · {{ $when }}@endif</p>
    @if ($work->showsVerdicts())@include('plan.tally', ['oob' => null])@endif
    @unless ($work->isShown())
    <div class="history">
        @foreach (['u' => ['undo', 'Undo', $work->undoes()], 'U' => ['redo', 'Redo', $work->redoes()]] as $key => [$route, $name, $what])
            <x-act :work="$work" :to="route($route, $work->shoot->id)" class="inline"><button class="plain" data-key="{{ $key }}" @if ($what !== null) title="{{ $name }}: {{ $what }}" @endif @disabled($what === null)>{{ $name }}</button></x-act>
        @endforeach
        @if ($work->showsVerdicts())<a class="plain" href="{{ route('history', $work->shoot->id) }}">{{ __('history.title') }}</a>@endif
    </div>
    @endunless
    @include('settings')
    @unless ($work->isShown())<button type="button" class="plain" data-open-find title="Find anything (/)">{{ __('find.title') }}</button><button type="button" class="plain open-keys" data-open-keys title="All keys (?)">?</button>@endunless
</header>
