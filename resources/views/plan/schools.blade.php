@php($card = (new \App\Plans\Cards\BriefCards($work->setup->plan))->schools())
@php($desk = $work->schools())
@if ($desk->begins() !== [])
    <p>A mood that is {{ $desk->mood()->value }} begins with: {{ implode('; ', array_map($desk::name(...), $desk->begins())) }}.
        <x-act :work="$work" :to="route('edit', $work->shoot->id)" :with="['edit' => $desk->beginEdit()]" class="inline"><button class="keep show">Use these</button></x-act></p>
@endif
<x-act :work="$work" :to="route('card', $work->shoot->id)" :with="['thing' => 'schools']" class="schools" hx-trigger="change, submit" novalidate>
    @foreach (\FineFrame\Plan\Question::cases() as $i => $question)
        @php($field = $card->fields()[$i])
        <fieldset class="school" id="school-{{ $question->value }}"><legend>{{ $field->label }}</legend>
            @foreach ($field->options as $value => $label)
                <label><input type="radio" name="fields[{{ $field->pointer }}]" value="{{ $value }}" @checked((string) $value === $field->value)> <span>{{ $label }}@if ($desk->followed($question)?->word() === (string) $value) <b @class(['follows', 'apart' => ! $desk->agrees($question)])>as planned now</b>@endif</span></label>
            @endforeach
            @if ($desk->seen($question) !== '')<p class="why">{{ $desk->seen($question) }}</p>@endif
            @if ($desk->asked === $question)
                <ul class="otherwise">
                    @foreach ($desk->otherwise($question) as $other)
                        <li><b>{{ $other['name'] }}:</b> @if ($other['worse'] === [] && $other['better'] === []) nothing here would be judged otherwise. @endif
                            @foreach ($other['worse'] as $line)<span class="turned"><x-mark state="watch" /> {{ $line }}</span>@endforeach
                            @foreach ($other['better'] as $line)<span class="turned"><x-mark state="holds" /> {{ $line }}</span>@endforeach
                        </li>
                    @endforeach
                </ul>
            @else
                <p><a class="why" href="{{ $work->url(['ask' => $question->value]) }}#school-{{ $question->value }}" hx-get="{{ $work->url(['ask' => $question->value]) }}" hx-swap="none">What another choice would change</a></p>
            @endif
        </fieldset>
    @endforeach
    <button class="keep">Keep</button>
</x-act>
