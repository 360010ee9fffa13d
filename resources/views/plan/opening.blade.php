{{-- A wall that is clicked gets what is chosen here; scripts fill the point in and send it. --}}
<x-act :work="$work" :to="route('openings', $work->shoot->id)" id="opening" class="tape-line opening-kind">
    <input type="hidden" name="x" value=""><input type="hidden" name="y" value="">
    <label>{{ __('starting.opening.click') }} <select name="kind" aria-label="{{ __('starting.opening.kind') }}">@foreach (['window', 'door'] as $kind)<option value="{{ $kind }}">{{ __("starting.opening.$kind") }}</option>@endforeach</select></label>
    @error('opening')<p class="error">{{ $message }}</p>@enderror
</x-act>
