<header id="headline" class="headline" @isset($oob) hx-swap-oob="morph" @endisset>
    <a class="house" href="{{ $work->isShown() ? $work->url() : route('home') }}" aria-label="Fine Frame{{ $work->isShown() ? '' : ', all plans' }}"><svg viewBox="0 0 32 22" aria-hidden="true"><path d="M2 2H30V20H2Z"/></svg></a>
    <h1>{{ $work->setup->plan->shoot->title }}</h1>
    <p class="where">{{ $work->setup->location->name }} · {{ $work->setup->setup->name }}@if ($when = $work->when()) · {{ $when }}@endif</p>
    @if ($work->showsVerdicts())@include('plan.tally', ['oob' => null])@endif
    @unless ($work->isShown())
    <div class="history">
        <x-act :work="$work" :to="route('undo', $work->shoot->id)" class="inline"><button class="plain" data-key="u" title="Undo (u)" @disabled(! $work->canUndo())>Undo</button></x-act>
        <x-act :work="$work" :to="route('redo', $work->shoot->id)" class="inline"><button class="plain" data-key="U" title="Redo (Shift+u)" @disabled(! $work->canRedo())>Redo</button></x-act>
    </div>
    @endunless
    @include('settings')
    @unless ($work->isShown())<button type="button" class="plain" data-open-keys title="All keys (?)">?</button>@endunless
</header>
