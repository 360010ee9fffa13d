<form method="post" action="{{ route('settings') }}" class="settings">
    @csrf
    <span class="switch" role="group" aria-label="Units">
        <button name="units" value="metric" data-unit @if ($reader->units->value === 'metric') aria-pressed="true" @else aria-pressed="false" @endif>m</button>
        <button name="units" value="imperial" data-unit @if ($reader->units->value === 'imperial') aria-pressed="true" @else aria-pressed="false" @endif>ft</button>
    </span>
    <button class="plain" name="theme" value="{{ $reader->theme === 'day' ? 'blackout' : 'day' }}" data-theme-switch title="Blackout theme (b)">{{ $reader->theme === 'day' ? 'Blackout' : 'Daylight' }}</button>
</form>
