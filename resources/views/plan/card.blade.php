@php($shown = array_map(fn ($f) => $f->pointer, $card->fields()))
@php($typed = app()->bound('typed') && (app('typed')['thing'] ?? null) === $card->id ? (app('typed')['fields'] ?? []) : [])
<div class="card-head">
    <h2>{{ $card->title }}</h2>
    <a href="{{ $work->url(['select' => 'none']) }}" hx-get="{{ $work->url(['select' => 'none']) }}" hx-swap="none" data-close title="Back to verdicts (Escape)">Verdicts</a>
</div>
@include('plan.errors')
<x-act :work="$work" :to="route('card', $work->shoot->id)" :with="['thing' => $card->id]" class="card" hx-trigger="change, submit" novalidate>
    @foreach ($card->groups as $heading => $fields)
        <fieldset>
            <legend>{{ $heading }}</legend>
            @foreach ($fields as $field)
                @include('plan.field', ['text' => $typed[$field->pointer] ?? $field->text($reader), 'error' => $errors->first($field->pointer)])
            @endforeach
        </fieldset>
    @endforeach
    <button class="keep">Keep</button>
</x-act>
@if ($figures = $work->figures($card))
    <section class="figures"><h3>Figures</h3>
        @foreach ($figures as $figure)
            <details><summary><span>{{ $work->phrase->figure($figure, $work->situation->name(explode('.', $figure->name)[1] ?? '')) }}</span> <b class="num">{{ $reader->print($figure->value) }}</b></summary>@include('plan.working', ['working' => $figure->working])@include('plan.terms', ['sentence' => $work->phrase->figure($figure)])</details>
        @endforeach
    </section>
@endif
@if ($card->id === 'place')
    <x-act :work="$work" :to="route('places.compass', $work->shoot->id)" class="inline"><button class="plain">Read the compass toward the top of the plan</button></x-act>
    @php($was = app()->bound('typed') ? app('typed') : [])
    <details class="shape-new" @if ($errors->has('bearing')) open @endif><summary>Take the bearing from a map</summary>
        <x-act :work="$work" :to="route('places.bearing', $work->shoot->id)" class="tape-line" novalidate>
            <label>Along the <select name="wall">@foreach ($work->setup->location->space->walls as $wall)<option value="{{ $wall->id }}" @selected(($was['wall'] ?? '') === $wall->id)>{{ $wall->name }}</option>@endforeach</select></label>
            <label>from <input class="num" name="from" value="{{ $was['from'] ?? '' }}" placeholder="52.0731, 1.2954" autocomplete="off"></label>
            <label>to <input class="num" name="to" value="{{ $was['to'] ?? '' }}" placeholder="52.0731, 1.2956" autocomplete="off"></label>
            @error('bearing')<p class="error">{{ $message }}</p>@enderror
            <p class="why">Two points on the wall, walking with the wall on your right.</p><button class="plain">Turn the plan</button>
        </x-act>
    </details>
    <x-act :work="$work" :to="route('places.destroy', $work->shoot->id)" class="inline"><button class="plain">Remove {{ $card->title }}</button></x-act>
@endif
@foreach ($work->safety()->about($card->id) as $said)<p class="why note">{{ $said }}</p>@endforeach
@if ($card->note !== '')<p class="why note">{{ $card->note }}</p>@endif
@if ($card->id === 'setup')
    <x-act :work="$work" :to="route('setups.copy', $work->shoot->id)" class="inline"><button class="plain">Copy this setup</button></x-act>
    <x-act :work="$work" :to="route('setups.destroy', $work->shoot->id)" class="inline"><button class="plain">Remove this setup</button></x-act>
@endif
@if ($card->figureKind === 'camera')@include('plan.camera-tools')@endif
@if ($card->pointer)
    <x-act :work="$work" :to="route('things.destroy', $work->shoot->id)" :with="['thing' => $card->id]" class="inline"><button class="plain" data-remove>Remove {{ $card->title }}</button></x-act>
@endif
