<x-act :work="$work" :to="route('photos.store', $work->shoot->id)" :with="$to === '' ? [] : ['to' => $to]" enctype="multipart/form-data" hx-encoding="multipart/form-data" class="photo-form" data-photos>
    <label for="photos">{{ $label }} <input id="photos" type="file" name="photos[]" accept="image/*" multiple></label>
    @foreach (['photos', 'photos.0'] as $key)@error($key)<p class="error">{{ $message }}</p>@enderror @endforeach
    <button class="keep show">Send</button> <button type="button" class="plain" data-photos-stop hidden>Stop</button>
    <progress hidden max="1" value="0"></progress> <output></output>
    <p class="why">Several at once. They are rotated upright; GPS position and camera serial number are removed.</p>
</x-act>
