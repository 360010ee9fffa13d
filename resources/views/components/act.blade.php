@props(['work', 'to', 'with' => []])
{{-- A form that changes the plan: it says which version it was made from, and where the reader is. Whoever only looks reads what it says. --}}
@if ($work->isShown())
<fieldset disabled {{ $attributes->only(['class', 'hidden'])->class(['reads']) }}>{{ $slot }}</fieldset>
@else
<form method="post" action="{{ $to }}" hx-post="{{ $to }}" hx-swap="none" {{ $attributes }}>
    @csrf
    <input type="hidden" name="version" value="{{ $work->shoot->version }}">
    @foreach ($with + $work->where->fields() as $name => $value)
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endforeach
    {{ $slot }}
</form>
@endif
