@php($card = (new \App\Plans\Cards\BriefCards($work->setup->plan))->schools())
<x-act :work="$work" :to="route('card', $work->shoot->id)" :with="['thing' => 'schools']" class="schools" hx-trigger="change, submit" novalidate>
    @foreach ($card->fields() as $i => $field)
        <fieldset class="school"><legend>{{ $field->label }}</legend>
            @foreach ($field->options as $value => $label)
                <label><input type="radio" name="fields[{{ $field->pointer }}]" value="{{ $value }}" @checked((string) $value === $field->value)> <span>{{ $label }}</span></label>
            @endforeach
        </fieldset>
    @endforeach
    <button class="keep">Keep</button>
</x-act>
