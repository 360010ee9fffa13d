<x-page title="Sign in · Fine Frame" class="home">
    <header class="headline"><span class="house"><svg viewBox="0 0 32 22" aria-hidden="true"><path d="M2 2H30V20H2Z"/></svg></span><h1>Fine Frame</h1></header>
    <main>
        <form method="post" action="{{ route('sign-in') }}" class="card"><h2>Sign in</h2>@csrf
            <div class="field"><label for="name">Name</label><input id="name" name="name" value="{{ $name ?? '' }}" autocomplete="username" autofocus></div>
            <div @class(['field', 'field-wrong' => isset($wrong)])><label for="password">Password</label><input id="password" name="password" type="password" autocomplete="current-password">@isset($wrong)<p class="error" role="alert">{{ $wrong }}</p>@endisset</div>
            <button class="keep show">Sign in</button>
        </form>
        <p class="why">Forgotten? On the computer that serves it: <code>php artisan fineframe:owner NAME</code> sets a new password.</p>
    </main>
</x-page>
