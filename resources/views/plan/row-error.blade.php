@foreach ($errors->getMessages() as $key => $messages)
    @if (str_starts_with($key, $at.'/') || $key === $at)<tr><td colspan="{{ $span }}"><p class="error">{{ $messages[0] }}</p></td></tr>@endif
@endforeach
