<x-page title="You and this computer · Fine Frame" class="home">
    <header class="headline">
        <a class="house" href="{{ route('home') }}" aria-label="Fine Frame, all plans"><svg viewBox="0 0 32 22" aria-hidden="true"><path d="M2 2H30V20H2Z"/></svg></a>
        <h1>{{ $desk->visitor->owner ? $desk->visitor->owner->name : 'This computer' }}</h1>
        <p class="where"><a href="{{ route('home') }}">All plans</a></p>
        @include('settings')
    </header>
    <main class="share">
        @if (session('said'))<div class="said" role="status"><p>{{ session('said') }}</p></div>@endif
        @if ($desk->visitor->owner)
            <section aria-labelledby="sessions"><h2 id="sessions">Signed in</h2>
                <div class="wide-table"><table class="rows power"><thead><tr><th scope="col">On</th><th scope="col">From</th><th scope="col">Last used</th><th scope="col"></th></tr></thead>
                <tbody>@forelse ($desk->sessions() as $row)<tr><th scope="row">{{ $row['agent'] }}@if ($row['isThis']) <span class="why">this one</span>@endif</th><td class="num">{{ $row['address'] }}</td><td class="num">{{ $row['at'] }}</td>
                    <td>@unless ($row['isThis'])<form method="post" action="{{ route('account.sessions') }}">@csrf<input type="hidden" name="session" value="{{ $row['key'] }}"><button class="plain" aria-label="End the session on {{ $row['agent'] }}">End session</button></form>@endunless</td></tr>
                @empty<tr><td colspan="4">{{ __('access.no_sessions') }}</td></tr>@endforelse</tbody></table></div>
                <form method="post" action="{{ route('sign-out') }}">@csrf<button class="plain">Sign out here</button></form>
            </section>
            <form method="post" action="{{ route('account.password') }}" class="card"><h2>New password</h2>@csrf
                <input type="hidden" name="username" value="{{ $desk->visitor->owner->name }}" autocomplete="username">
                <div @class(['field', 'field-wrong' => $errors->has('old')])><label for="old">Current password</label><input id="old" name="old" type="password" autocomplete="current-password">@error('old')<p class="error">{{ $message }}</p>@enderror</div>
                <div @class(['field', 'field-wrong' => $errors->has('new')])><label for="new">New password, ten characters or more</label><input id="new" name="new" type="password" autocomplete="new-password">@error('new')<p class="error">{{ $message }}</p>@enderror</div>
                <button class="keep show">Set password</button> <p class="why">Signs you out everywhere else.</p>
            </form>
        @endif
        @if ($desk->visitor->keeps())
            <section class="card" aria-labelledby="everything"><h2 id="everything">Everything in one file</h2>
                <p>All plans with their revisions, the days’ marks and the photos. Keep it on another disk.</p>
                <p><a class="plain" href="{{ route('everything') }}" download>Take a copy</a></p>
                <form method="post" action="{{ route('everything.bring') }}" enctype="multipart/form-data">@csrf
                    <div @class(['field', 'field-wrong' => $errors->has('everything')])><label for="copy">Restore a copy</label><input id="copy" type="file" name="everything" accept=".zip,application/zip">@error('everything')<p class="error">{{ $message }}</p>@enderror</div>
                    <button class="plain">Restore</button>
                </form>
                <p class="why">What has not changed stays as it is; anything changed since is added beside it. A file larger than 40 MB: <code>php artisan fineframe:restore FILE</code>. {{ $desk->copied() === null ? 'The database has no copy on this disk yet.' : 'The database was last copied on this disk on '.$desk->copied().'.' }}</p>
            </section>
        @endif
        <section aria-labelledby="done"><h2 id="done">Activity</h2>
            @if ($rows = $desk->done())
                <div class="wide-table"><table class="rows power"><thead><tr><th scope="col">When</th><th scope="col">Who</th><th scope="col">What</th><th scope="col">From</th></tr></thead>
                <tbody>@foreach ($rows as $row)<tr><td class="num">{{ $row['at'] }}</td><th scope="row">{{ $row['who'] }}</th><td>{{ $row['did'] }}</td><td class="num">{{ $row['address'] }}</td></tr>@endforeach</tbody></table></div>
            @else<p class="why">Nothing yet. Signing in, sharing, removing and copies are listed here.</p>@endif
        </section>
    </main>
</x-page>
