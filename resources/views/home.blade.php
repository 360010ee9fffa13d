<x-page title="Fine Frame" class="home">
    <header class="headline">
        <span class="house"><svg viewBox="0 0 32 22" aria-hidden="true"><path d="M2 2H30V20H2Z"/></svg></span>
        <h1>Fine Frame</h1>
        <p class="where">{{ __('starting.lead') }}</p>
        @include('settings')
        <a class="plain" href="{{ route('practice') }}">{{ __('practice.title') }}</a>
        <a class="plain" href="{{ route('account') }}">{{ auth()->user() ? auth()->user()->name : 'Copies' }}</a>
    </header>
    <main>
        @if (session('said'))<div class="said" role="status"><p>{{ session('said') }}</p></div>@endif
        @if ($removed = session('removed'))
            <form class="said" method="post" action="{{ route('shoots.restore', $removed['id']) }}" role="status">@csrf<p>“{{ $removed['title'] }}” is removed.</p><button class="keep">Undo</button></form>
        @endif
        <section aria-labelledby="plans"><h2 id="plans">Shoots</h2>
            @if ($desk->isEmpty())<p class="why">{{ __('starting.none') }}</p>@endif
            <ul class="plans">
                @foreach ($desk->cards() as $card)
                    <li>
                        <a class="look" href="{{ route('stage', ['shoot' => $card['id'], 'stage' => 'cameras']) }}" tabindex="-1" aria-hidden="true">
                            <img class="floor" src="{{ $card['floor'] }}" alt="" loading="lazy" width="200" height="150">
                            @if ($card['frame'])<img class="shot" src="{{ $card['frame'] }}" alt="" loading="lazy" width="266" height="150">@endif
                        </a>
                        <h3><a href="{{ route('stage', ['shoot' => $card['id'], 'stage' => 'cameras']) }}">{{ $card['title'] }}</a></h3>
                        <p class="where">{{ $card['where'] }}</p>
                        <p class="stands"><x-mark :state="$card['state']->value" /> <span class="num">{{ $card['counts'] }}</span>
                            @if ($card['next'])<span class="then">{{ __('starting.next') }}: <a href="{{ route('stage', ['shoot' => $card['id'], 'stage' => $card['next']->value]) }}">{{ ucfirst($card['next']->value) }}</a></span>@endif</p>
                        <div class="acts"><small class="why">{{ $card['came'] }}</small>
                            <form method="post" action="{{ route('shoots.copy', $card['id']) }}">@csrf<button class="plain" aria-label="Copy {{ $card['title'] }}">{{ __('starting.copy') }}</button></form>
                            <form method="post" action="{{ route('shoots.destroy', $card['id']) }}">@csrf @method('DELETE')<button class="plain" aria-label="Remove {{ $card['title'] }}">{{ __('starting.remove') }}</button></form>
                        </div>
                    </li>
                @endforeach
            </ul>
        </section>
        <div class="pair">
            <form method="post" action="{{ route('shoots.store') }}" class="card"><h2>{{ __('starting.new') }}</h2>@csrf<input type="hidden" name="once" value="{{ Str::random(32) }}">
                <p class="why">{{ __('starting.hint') }}</p>
                <div class="field choice" role="radiogroup" aria-labelledby="what"><span id="what">{{ __('starting.ask.what') }}</span>
                    <span class="picks">@foreach (\App\Http\Requests\NewShootRequest::WHAT as $value => $label)<label><input type="radio" name="what" value="{{ $value }}" @checked(old('what', 'interview') === $value)> {{ $label }}</label>@endforeach</span>
                </div>
                <div @class(['field', 'field-wrong' => $errors->has('people')])><label for="people">{{ __('starting.ask.people') }}</label><select id="people" name="people">@foreach (range(1, max($desk->most())) as $n)<option @selected(old('people', '1') === (string) $n)>{{ $n }}</option>@endforeach</select>@error('people')<p class="error">{{ $message }}</p>@enderror</div>
                <div @class(['field', 'field-wrong' => $errors->has('place')])><label for="where">{{ __('starting.ask.place') }}</label><input id="where" name="place" value="{{ old('place') }}" autocomplete="off">@error('place')<p class="error">{{ $message }}</p>@enderror</div>
                <div @class(['field', 'field-wrong' => $errors->hasAny('date', 'from', 'to')])><label for="date">{{ __('starting.ask.date') }}</label><input id="date" type="date" name="date" value="{{ old('date') }}">@error('date')<p class="error">{{ $message }}</p>@enderror</div>
                <div @class(['field', 'hours', 'field-wrong' => $errors->hasAny('from', 'to')])><label for="from">{{ __('starting.ask.from') }}</label><span><input id="from" type="time" name="from" value="{{ old('from') }}"> <label for="to">{{ __('starting.ask.to') }}</label> <input id="to" type="time" name="to" value="{{ old('to') }}"></span>@foreach (array_unique([...$errors->get('from'), ...$errors->get('to')]) as $message)<p class="error">{{ $message }}</p>@endforeach</div>
                <div @class(['field', 'field-wrong' => $errors->has('title')])><label for="title">{{ __('starting.ask.title') }}</label><input id="title" name="title" value="{{ old('title') }}" placeholder="{{ __('starting.optional') }}" autocomplete="off">@error('title')<p class="error">{{ $message }}</p>@enderror</div>
                <button class="keep show">{{ __('starting.start') }}</button>
            </form>
            <form method="post" action="{{ route('shoots.import') }}" enctype="multipart/form-data" class="card"><h2>{{ __('starting.import') }}</h2>@csrf<input type="hidden" name="once" value="{{ Str::random(32) }}">
                <div @class(['field', 'field-wrong' => $errors->has('plan')])><label for="file">Plan file</label><input id="file" type="file" name="plan" accept=".json,application/json"></div>
                @php($wrong = collect($errors->getMessages())->except(['what', 'people', 'place', 'title', 'date', 'from', 'to'])->flatten())
                @if ($wrong->isNotEmpty())<div class="problems" role="alert"><p><strong>Nothing was imported.</strong></p>@foreach ($wrong->take(12) as $line)<p>{{ $line }}</p>@endforeach</div>@endif
                <button class="keep show">Import</button>
            </form>
        </div>
        <p class="why">Fine Frame plans; it does not certify. Mains work, hanging loads, ladders, hot lamps and ways out follow the maker’s rating, the venue, local codes and licensed people.</p>
    </main>
</x-page>
