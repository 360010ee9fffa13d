<dialog id="keys" class="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">{{ __('shortcuts.title') }}</h2>
    @foreach (array_filter([ucfirst($work->stage->value) => __('shortcuts.keys')[$work->stage->value] ?? [], __('shortcuts.floor') => __('shortcuts.keys.floor'), __('shortcuts.everywhere') => __('shortcuts.keys.everywhere')]) as $where => $keys)
        <h3>{{ $where }}</h3>
        <dl>@foreach ($keys as $key => $does)<div><dt>{{ $key }}</dt><dd>{{ $does }}</dd></div>@endforeach</dl>
    @endforeach
    <form method="dialog"><button class="keep">Close</button></form>
</dialog>
