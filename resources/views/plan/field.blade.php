@php($name = 'fields['.$field->pointer.']')
@php($id = 'field-'.str_replace('/', '-', trim($field->pointer, '/')))
<div @class(['field', 'field-wrong' => $error, 'field-long' => collect($field->options)->contains(fn ($o) => mb_strlen($o) > 40) && count($field->options) < 40 || $field->kind === \App\Plans\Cards\FieldKind::Text && mb_strlen($text) > 15])>
    <label for="{{ $id }}">{{ $field->label }}@if ($work->assumed()->has($field->pointer)) <em class="assumed-mark">{{ __('starting.assumed.mark') }}</em>@endif</label>
    @switch($field->kind)
        @case(\App\Plans\Cards\FieldKind::Choice)
            <select id="{{ $id }}" name="{{ $name }}" @if ($error) aria-invalid="true" aria-describedby="{{ $id }}-error" @endif>
                @foreach ($field->options as $value => $label)<option value="{{ $value }}" @selected((string) $value === $text)>{{ $label }}</option>@endforeach
            </select>
            @break
        @case(\App\Plans\Cards\FieldKind::Flag)
            <select id="{{ $id }}" name="{{ $name }}"><option value="0" @selected($text !== '1')>no</option><option value="1" @selected($text === '1')>yes</option></select>
            @break
        @default
            <input id="{{ $id }}" name="{{ $name }}" value="{{ $text }}" autocomplete="off" @if ($error) aria-invalid="true" aria-describedby="{{ $id }}-error" @endif>
    @endswitch
    @if ($field->unit !== '')<span class="unit">{{ $field->unit }}</span>@endif
    @if ($error)<p class="error" id="{{ $id }}-error">{{ $error }}</p>@endif
</div>
