@php($shown = array_map(fn ($f) => $f->pointer, $card->fields()))
@php($typed = app()->bound('typed') && (app('typed')['thing'] ?? null) === $card->id ? (app('typed')['fields'] ?? []) : [])
<div class="card-head">
    <h2>{{ $card->title }}</h2>
    <a href="{{ $work->url(['select' => 'none']) }}" hx-get="{{ $work->url(['select' => 'none']) }}" hx-swap="none" data-close title="Back to the verdicts (Escape)">Verdicts</a>
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
            <details><summary><span>{{ $work->phrase->figure($figure, $work->situation->name(explode('.', $figure->name)[1] ?? '')) }}</span> <b class="num">{{ $reader->print($figure->value) }}</b></summary>@include('plan.working', ['working' => $figure->working])</details>
        @endforeach
    </section>
@endif
@if ($card->id === 'place')
    <x-act :work="$work" :to="route('places.compass', $work->shoot->id)" class="inline"><button class="plain">Take the compass along the plan’s up</button></x-act>
    <x-act :work="$work" :to="route('places.destroy', $work->shoot->id)" class="inline"><button class="plain">Remove {{ $card->title }}</button></x-act>
@endif
@if ($card->note !== '')<p class="why note">{{ $card->note }}</p>@endif
@if ($card->pointer)
    <x-act :work="$work" :to="route('things.destroy', $work->shoot->id)" :with="['thing' => $card->id]" class="inline"><button class="plain" data-remove>Remove {{ $card->title }}</button></x-act>
@endif
