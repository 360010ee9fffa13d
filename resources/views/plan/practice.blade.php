@php($desk = $work->exercise())
<section class="card exercise"><div class="card-head"><h2>{{ $desk->exercise->title }}</h2><a href="{{ route('practice') }}">{{ __('practice.back') }}</a></div>
    <p>{{ $desk->exercise->story }}</p>
    @if ($desk->isAnswered())
        @php($outcome = $desk->outcome())
        <p class="stands"><x-mark :state="$desk->run->is_named ? 'holds' : 'breaks'" /> {{ $desk->run->is_named ? __('practice.right') : __('practice.not', ['what' => lcfirst($desk->exercise->choices[$desk->exercise->wrong])]) }}</p>
        @if ($outcome->before)<p class="why">{{ __('practice.was') }}: {{ $work->phrase->finding($outcome->before) }} {{ $work->phrase->why($outcome->before) }}</p>@endif
        <p class="stands"><x-mark :state="$outcome->after?->severity->value ?? 'holds'" /> {{ $outcome->after ? __('practice.unmended').': '.$work->phrase->finding($outcome->after) : __('practice.mends') }}</p>
        @if ($outcome->worse)<p>{{ __('practice.brought') }}:</p><ul>@foreach (array_slice($outcome->worse, 0, 4) as $one)<li><x-mark :state="$one->finding()->severity->value" /> {{ $work->phrase->finding($one->finding()) }}</li>@endforeach</ul>@endif
        <h3>{{ __('practice.why') }}</h3><p>{{ $desk->exercise->why }}</p>
        <p class="acts"><small class="why">{{ __('practice.took', ['time' => $desk->took()]) }}</small> <a class="plain" href="{{ route('history', ['shoot' => $work->shoot->id, 'left' => 1]) }}">{{ __('practice.other') }}</a></p>
    @else
        <form method="post" action="{{ route('practice.answer', $work->shoot->id) }}">@csrf<input type="hidden" name="version" value="{{ $work->shoot->version }}">
            @foreach ($work->where->fields() as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <fieldset class="choices"><legend>{{ __('practice.ask') }}</legend>
                @foreach ($desk->exercise->choices as $check => $says)<label><input type="radio" name="named" value="{{ $check }}" @checked(old('named') === $check)> {{ $says }}</label>@endforeach
                @error('named')<p class="error">{{ $message }}</p>@enderror
            </fieldset>
            <p class="why">{{ __('practice.hint') }}</p>
            <button class="keep show">{{ __('practice.answer') }}</button>
        </form>
    @endif
</section>
