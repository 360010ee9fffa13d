<dialog id="find" class="find" aria-labelledby="find-title" data-find="{{ route('find', $work->shoot->id) }}" data-kinds="{{ json_encode(__('find.kinds')) }}" data-none="{{ __('find.none') }}" data-away="{{ __('find.away') }}">
    <label id="find-title" for="find-ask">{{ __('find.title') }}</label>
    <input id="find-ask" type="text" role="combobox" aria-expanded="true" aria-controls="found" aria-autocomplete="list" autocomplete="off" placeholder="{{ __('find.ask') }}">
    <ol id="found" role="listbox" aria-label="{{ __('find.title') }}"></ol>
    <p class="none why" role="status" hidden></p>
</dialog>
