@props(['work', 'to', 'with' => []])
{{-- A form that changes the plan: it says which version it was made from, and where the reader is. --}}
<form method="post" action="{{ $to }}" hx-post="{{ $to }}" hx-swap="none" {{ $attributes }}>
    @csrf
    <input type="hidden" name="version" value="{{ $work->shoot->version }}">
    <input type="hidden" name="stage" value="{{ $work->stage->value }}">
    <input type="hidden" name="look" value="{{ $work->look }}">
    @if ($work->place() !== null && ! isset($with['place']))<input type="hidden" name="place" value="{{ $work->place() }}">@endif
    @if ($work->room->id !== '')<input type="hidden" name="room" value="{{ $work->room->id }}">@endif
    <input type="hidden" name="select" value="{{ $work->selected ?? 'none' }}">
    @foreach ($with as $name => $value)
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endforeach
    {{ $slot }}
</form>
