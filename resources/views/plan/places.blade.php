<nav class="places" aria-label="{{ in_array($work->stage, [\FineFrame\Judge\Stage::Scout, \FineFrame\Judge\Stage::Measure], true) ? 'Locations' : 'Setups' }}">
    @foreach ($work->places() as $one)
        <a href="{{ $work->url(['place' => $one['place'], 'room' => null, 'select' => null]) }}" @if ($one['here']) aria-current="true" @endif>{{ $one['name'] }}</a>
    @endforeach
    @if ($work->stage === \FineFrame\Judge\Stage::Scout)
        <details class="add-place" @if ($errors->has('name')) open @endif><summary>Add a location</summary>
            <x-act :work="$work" :to="route('places.store', $work->shoot->id)" data-draft="place"><label for="new-place">Name</label><input id="new-place" name="name" autocomplete="off" value="{{ app()->bound('typed') ? (app('typed')['name'] ?? '') : '' }}">@error('name')<p class="error">{{ $message }}</p>@enderror<button class="keep show">Add</button></x-act>
        </details>
    @endif
</nav>
