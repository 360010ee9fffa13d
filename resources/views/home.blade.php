<x-page title="Fine Frame" class="home">
    <header class="headline">
        <span class="house"><svg viewBox="0 0 32 22" aria-hidden="true"><path d="M2 2H30V20H2Z"/></svg></span>
        <h1>Fine Frame</h1>
        <p class="where">Measure the room, place cameras, lamps and microphones, and see every frame and every problem before the day.</p>
        @include('settings')
        <a class="plain" href="{{ route('account') }}">{{ auth()->user() ? auth()->user()->name : 'Copies' }}</a>
    </header>
    <main>
        @if (session('said'))<div class="said" role="status"><p>{{ session('said') }}</p></div>@endif
        @if ($removed = session('removed'))
            <form class="said" method="post" action="{{ route('shoots.restore', $removed['id']) }}" role="status">@csrf<p>“{{ $removed['title'] }}” is removed.</p><button class="keep">Undo</button></form>
        @endif
        <section aria-labelledby="plans"><h2 id="plans">Shoots</h2>
            @if ($shoots->isEmpty())<p class="why">No shoots yet. Start one below, or import a plan file.</p>@endif
            <ul class="plans">
                @foreach ($shoots as $shoot)
                    <li>
                        <x-mark :state="$shoot->breaks ? 'breaks' : ($shoot->watches ? 'watch' : 'holds')" />
                        <a href="{{ route('stage', ['shoot' => $shoot->id, 'stage' => 'cameras']) }}">{{ $shoot->title }}</a>
                        <span class="where">{{ $shoot->place }}@if ($shoot->date) · {{ $shoot->date }}@endif</span>
                        <span class="num">{{ $shoot->breaks ? $shoot->breaks.($shoot->breaks === 1 ? ' breaks' : ' break') : '' }}{{ $shoot->breaks && $shoot->watches ? ', ' : '' }}{{ $shoot->watches ? $shoot->watches.' to watch' : '' }}{{ $shoot->breaks || $shoot->watches ? '' : 'all holds' }}</span>
                        <form method="post" action="{{ route('shoots.destroy', $shoot->id) }}">@csrf @method('DELETE')<button class="plain" aria-label="Remove {{ $shoot->title }}">Remove</button></form>
                    </li>
                @endforeach
            </ul>
        </section>
        <div class="pair">
            <form method="post" action="{{ route('shoots.store') }}" class="card"><h2>New shoot</h2>@csrf<input type="hidden" name="once" value="{{ Str::random(32) }}">
                @foreach (['title' => 'Title', 'place' => 'Location'] as $name => $label)
                    <div @class(['field', 'field-wrong' => $errors->has($name)])><label for="{{ $name }}">{{ $label }}</label><input id="{{ $name }}" name="{{ $name }}" value="{{ old($name) }}" autocomplete="off">@error($name)<p class="error">{{ $message }}</p>@enderror</div>
                @endforeach
                <button class="keep show">Start measuring</button>
            </form>
            <form method="post" action="{{ route('shoots.import') }}" enctype="multipart/form-data" class="card"><h2>Import a plan file</h2>@csrf<input type="hidden" name="once" value="{{ Str::random(32) }}">
                <div @class(['field', 'field-wrong' => $errors->has('plan')])><label for="file">Plan file</label><input id="file" type="file" name="plan" accept=".json,application/json"></div>
                @php($wrong = collect($errors->getMessages())->except(['title', 'place'])->flatten())
                @if ($wrong->isNotEmpty())<div class="problems" role="alert"><p><strong>Nothing was imported.</strong></p>@foreach ($wrong->take(12) as $line)<p>{{ $line }}</p>@endforeach</div>@endif
                <button class="keep show">Import</button>
            </form>
        </div>
        <p class="why">Fine Frame plans; it does not certify. Mains work, hanging loads, ladders, hot lamps and ways out follow the maker’s rating, the venue, local codes and licensed people.</p>
    </main>
</x-page>
