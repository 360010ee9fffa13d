@php($adds = match ($work->stage->value) { 'stage' => ['subject' => 'subject', 'interviewer' => 'interviewer', 'furniture' => 'furniture'], 'cameras' => ['camera' => 'camera'], 'light' => ['light' => 'light'], 'sound' => ['boom' => 'boom'], 'measure' => ['furniture' => 'furniture'], default => [] })
<span class="adders">
    @foreach ($adds as $kind => $name)
        <x-act :work="$work" :to="route('things.store', $work->shoot->id)" :with="['kind' => $kind]" class="inline"><button class="plain">Add {{ $name }}</button></x-act>
    @endforeach
    @if ($work->stage->value === 'light')
        <a href="{{ $work->url(['select' => 'metering']) }}" hx-get="{{ $work->url(['select' => 'metering']) }}" hx-swap="none">Metering</a>
    @endif
</span>
