@if (! $work->isShown())
@php($sheet = $work->scout()->sheet($name))
@php($typed = $work->scout()->typed($name))
@php($rows = $typed ?? $sheet->rows)
@php($blank = $name === 'photos' || $typed !== null && collect($typed)->contains(fn ($r) => ($r['id'] ?? '') === '') ? [] : ['new' => []])
<section class="sheet" id="sheet-{{ $name }}" aria-labelledby="title-{{ $name }}">
    <h3 id="title-{{ $name }}">{{ $sheet->title() }} <small class="num">{{ count($sheet->rows) ?: '' }}</small></h3>
    @if ($sheet->hint() !== '')<p class="why">{{ $sheet->hint() }}</p>@endif
    <x-act :work="$work" :to="route('sheet', $work->shoot->id)" :with="['sheet' => $name]" class="sheet-form" novalidate data-draft="{{ $name }}">
        {{-- Enter presses the first button of a form: it keeps. --}}
        <button hidden></button>
        @foreach ($rows + $blank as $i => $row)
            @php($id = $row['id'] ?? '')
            @php($errorsHere = collect($errors->getMessages())->filter(fn ($m, $k) => $id !== '' && str_starts_with($k, "$sheet->pointer/$id/") || $id === '' && str_starts_with($k, "$sheet->pointer/$i/") || $id === '' && str_starts_with($k, "$sheet->pointer/".count($sheet->rows).'/')))
            <details class="entry" id="entry-{{ $name }}-{{ $id === '' ? 'new' : $id }}" @if (($typed !== null && $id === '') || $errorsHere->isNotEmpty()) open @endif>
                <summary>@if ($row === [])<span class="add">Add {{ $sheet->one() }}</span>@else<b>{{ $work->scout()->entry($sheet, $row)[0] }}</b> <span class="why">{{ $work->scout()->entry($sheet, $row)[1] }}</span>@endif</summary>
                <input type="hidden" name="rows[{{ $i }}][id]" value="{{ $id }}">
                <div class="cells">
                    @foreach (array_keys($sheet->columns) as $column)
                        @php($field = $sheet->field($column, $typed === null ? $row : []))
                        @php($text = $typed === null ? ($row === [] && $field->value === null ? '' : $field->text($reader)) : ($row[$column] ?? ''))
                        @php($error = $errorsHere->first(fn ($m, $k) => str_ends_with($k, "/$column"))[0] ?? null)
                        @php($fid = "cell-$name-$i-$column")
                        <div @class(['cell', 'cell-wide' => $column === 'name' || in_array($column, ['notes', 'done_about', 'caption']), 'field-wrong' => $error])>
                            <label for="{{ $fid }}">{{ $field->label }}@if ($field->unit !== ''), {{ $field->unit }}@endif @if ($id !== '' && $work->assumed()->has("$sheet->pointer/$id/$column")) <em class="assumed-mark">{{ __('starting.assumed.mark') }}</em>@endif</label>
                            @switch($field->kind)
                                @case(\App\Plans\Cards\FieldKind::Choice)
                                    <select id="{{ $fid }}" name="rows[{{ $i }}][{{ $column }}]">@foreach ($field->options as $value => $label)<option value="{{ $value }}" @selected((string) $value === $text)>{{ $label }}</option>@endforeach</select>
                                    @break
                                @case(\App\Plans\Cards\FieldKind::Flag)
                                    <select id="{{ $fid }}" name="rows[{{ $i }}][{{ $column }}]"><option value="0" @selected($text !== '1')>no</option><option value="1" @selected($text === '1')>yes</option></select>
                                    @break
                                @default
                                    <input id="{{ $fid }}" name="rows[{{ $i }}][{{ $column }}]" value="{{ $text }}" autocomplete="off" @if ($field->kind !== \App\Plans\Cards\FieldKind::Text) inputmode="{{ $reader->units->value === 'metric' || $field->kind === \App\Plans\Cards\FieldKind::Number ? 'decimal' : 'text' }}" @endif @if ($error) aria-invalid="true" aria-describedby="{{ $fid }}-error" @endif>
                            @endswitch
                            @if ($instrument = \App\Instruments\Bench::serves($name, $column))<button class="take" name="take" value="{{ $i }}/{{ $column }}" title="Take a reading with the {{ $instrument }}">Take</button>@endif
                            @if ($error)<p class="error" id="{{ $fid }}-error">{{ $error }}</p>@endif
                        </div>
                    @endforeach
                </div>
                <div class="acts"><button class="keep show">Keep</button>@if ($id !== '')<button class="plain" name="drop" value="{{ $i }}">Remove</button>@endif</div>
            </details>
        @endforeach
    </x-act>
</section>
@endif
