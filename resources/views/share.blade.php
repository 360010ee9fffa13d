@php($shoot = $desk->shoot)
<x-page :title="'Share · '.$shoot->title.' · Fine Frame'" class="home">
    <header class="headline">
        <a class="house" href="{{ route('home') }}" aria-label="Fine Frame, all plans"><svg viewBox="0 0 32 22" aria-hidden="true"><path d="M2 2H30V20H2Z"/></svg></a>
        <h1>Share {{ $shoot->title }}</h1>
        <p class="where"><a href="{{ route('stage', ['shoot' => $shoot->id, 'stage' => 'cameras']) }}">Back to the plan</a></p>
        @include('settings')
    </header>
    <main class="share">
        @if (session('said'))<div class="said" role="status"><p>{{ session('said') }}</p></div>@endif
        @if ($made = session('made'))
            <section class="card made" aria-labelledby="made"><h2 id="made">The link, shown once</h2>
                <div class="label"><div data-mark-url="{{ $made }}"></div><div><p><input readonly value="{{ $made }}" aria-label="The link" size="60" data-made></p>
                <p class="why">Send it to one person. It can’t be shown again: if it gets lost, take it back and make another.</p></div></div>
                <script src="{{ asset('build/labels.js') }}" defer></script>
            </section>
        @endif
        @unless ($desk->isServed())<p class="why">Only this computer can open the plan. Links work for others once it runs <code>bin/serve-crew</code>; you can make them now.</p>@endunless
        <form method="post" action="{{ route('share', $shoot->id) }}" class="card"><h2>Make a link</h2>@csrf
            <div @class(['field', 'field-wrong' => $errors->has('name')])><label for="share-name">For</label><input id="share-name" name="name" value="{{ old('name') }}" autocomplete="off" placeholder="Ansel, boom">@error('name')<p class="error">{{ $message }}</p>@enderror</div>
            <fieldset class="roles"><legend>As</legend>
                @foreach (\App\Access\Role::cases() as $role)
                    <label><input type="radio" name="role" value="{{ $role->value }}" @checked(old('role', 'crew') === $role->value)> <b>{{ ucfirst(__("access.roles.$role->value")) }}</b> <span class="why">{{ __("access.opens.$role->value") }}</span></label>
                @endforeach
                @error('role')<p class="error">{{ $message }}</p>@enderror
            </fieldset>
            <p class="tape-line">
                <label>Opens <select name="setup"><option value="">the whole shoot</option>@foreach ($desk->plan->setups as $setup)<option value="{{ $setup->id }}" @selected(old('setup') === $setup->id)>{{ $setup->name }} alone</option>@endforeach</select></label>
                <label>for <input class="num short" name="days" value="{{ old('days', '14') }}" inputmode="numeric" size="4"> days</label>
                <label><input type="checkbox" name="marks" value="1" checked> may tick and mark</label>
            </p>
            @foreach (['setup', 'days'] as $field)@error($field)<p class="error">{{ $message }}</p>@enderror @endforeach
            <button class="keep show">Make the link</button>
        </form>
        <section aria-labelledby="links"><h2 id="links">Links</h2>
            @if ($rows = $desk->links())
                <div class="wide-table"><table class="rows power"><thead><tr><th scope="col">For</th><th scope="col">As</th><th scope="col">To</th><th scope="col">State</th><th scope="col">Last opened</th><th scope="col"></th></tr></thead>
                <tbody>@foreach ($rows as $row)
                    <tr @class(['is-done' => ! $row['isOpen']])><th scope="row">{{ $row['link']->name }}</th><td>{{ __('access.roles.'.$row['link']->role->value) }}{{ $row['link']->marks ? ', ticks' : '' }}</td><td>{{ $row['to'] }}</td><td>{{ $row['state'] }}</td><td>{{ $row['last'] }}</td>
                    <td>@if ($row['isOpen'])<form method="post" action="{{ route('share.revoke', [$shoot->id, $row['link']->id]) }}">@csrf<button class="plain" aria-label="Take back the link for {{ $row['link']->name }}">Take back</button></form>@endif</td></tr>
                @endforeach</tbody></table></div>
            @else<p class="why">No links yet.</p>@endif
        </section>
        @if ($desk->partners() !== [] || $desk->others() !== [])
        <section aria-labelledby="partners"><h2 id="partners">Other planners</h2>
            @foreach ($desk->partners() as $owner)<form method="post" action="{{ route('share.partner', $shoot->id) }}" class="tape-line">@csrf<input type="hidden" name="owner" value="{{ $owner->id }}"><input type="hidden" name="off" value="1"><b>{{ $owner->name }}</b> <button class="plain">No longer</button></form>@endforeach
            @if ($others = $desk->others())<form method="post" action="{{ route('share.partner', $shoot->id) }}" class="tape-line">@csrf<label>Let <select name="owner">@foreach ($others as $owner)<option value="{{ $owner->id }}">{{ $owner->name }}</option>@endforeach</select></label> <button class="plain">plans it too</button></form>@endif
            @error('owner')<p class="error">{{ $message }}</p>@enderror
        </section>
        @endif
        <section aria-labelledby="opened"><h2 id="opened">Who opened what</h2>
            @if ($rows = $desk->opened())
                <div class="wide-table"><table class="rows power"><thead><tr><th scope="col">When</th><th scope="col">Who</th><th scope="col">What</th><th scope="col">From</th></tr></thead>
                <tbody>@foreach ($rows as $row)<tr><td class="num">{{ $row['at'] }}</td><th scope="row">{{ $row['who'] }}</th><td>{{ $row['did'] }}</td><td class="num">{{ $row['address'] }}</td></tr>@endforeach</tbody></table></div>
            @else<p class="why">Nobody yet.</p>@endif
        </section>
    </main>
</x-page>
