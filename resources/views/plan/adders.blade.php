@php($adds = match ($work->stage->value) { 'stage' => ['subject' => 'subject', 'interviewer' => 'interviewer', 'furniture' => 'furniture'], 'cameras' => ['camera' => 'camera'], 'light' => ['light' => 'light'], 'sound' => ['boom' => 'boom'], 'measure' => ['furniture' => 'furniture'], default => [] })
<span class="adders">
    @if ($work->setup->setup->isBare() && $adds !== [])
        <x-act :work="$work" :to="route('setups.store', $work->shoot->id)" class="inline"><button class="plain">Add to this setup</button></x-act>
    @endif
    @foreach ($work->setup->setup->isBare() ? [] : $adds as $kind => $name)
        <x-act :work="$work" :to="route('things.store', $work->shoot->id)" :with="['kind' => $kind]" class="inline"><button class="plain">Add {{ $name }}</button></x-act>
    @endforeach
    @if ($work->stage === \FineFrame\Judge\Stage::Sound && ! $work->setup->setup->isBare())<x-act :work="$work" :to="route('lavaliers', $work->shoot->id)" class="inline"><button class="plain">{{ __('starting.lavalier.add') }}</button></x-act>@endif
    @foreach (['light' => ['metering' => 'Metering'], 'stage' => ['setup' => 'Setup card'], 'measure' => ['tape' => 'Tape', 'room' => 'Room card'], 'scout' => ['place' => 'Location card'], 'brief' => ['brief' => 'Brief card']][$work->stage->value] ?? [] as $card => $name)
        <a href="{{ $work->url(['select' => $card]) }}" hx-get="{{ $work->url(['select' => $card]) }}" hx-swap="none" @if ($work->selected === $card) aria-current="true" @endif>{{ $name }}</a>
    @endforeach
</span>
