@php($desk = $work->photo())
@php($study = $desk->study)
<div class="board-text">
    @if ($study === null)
        <p class="why">Choose a photo of this location; more of them are added under <a href="{{ $to = $work->url(['look' => 'photos', 'ask' => null]) }}" hx-get="{{ $to }}" hx-swap="none">Photos</a>.</p>
        <ul class="photos">@foreach ($work->scout()->references() as $photo)<li><a href="{{ $to = $work->url(['look' => 'photo', 'ask' => $photo['file']]) }}" hx-get="{{ $to }}" hx-swap="none"><img src="{{ route('photos.show', ['shoot' => $work->shoot->id, 'file' => $photo['file']]) }}" alt="{{ $photo['caption'] ?: 'Photo without a caption' }}" width="{{ $photo['width'] }}" height="{{ $photo['height'] }}" loading="lazy"></a></li>@endforeach</ul>
    @else
        <p><b data-photo-state>{{ $desk->said($study) }}</b>@if ($study->wrong) <span class="error">One mark doesn’t fit: {{ $desk->points()[$study->wrong] ?? $study->wrong }}. Look at it again.</span>@endif</p>
        <x-act :work="$work" :to="route('sightings', $work->shoot->id)" id="photo-mark" class="tape-line">
            <label>Mark <select name="point" data-photo-point><option value="">choose, then tap it in the photo</option>@foreach ($desk->points() as $id => $name)<option value="{{ $id }}">{{ $name }}</option>@endforeach</select></label>
            <input type="hidden" name="x"><input type="hidden" name="y"><button class="plain" data-photo-forget>Remove this mark</button>
        </x-act>
        <p class="tape-line"><label>Read a <select data-photo-plane><option value="">choose, then tap two points</option>@foreach ($desk->planes() as $id => $name)<option value="{{ $id }}">{{ $name }}</option>@endforeach</select></label> <b data-photo-read role="status"></b></p>
        @error('point')<p class="error">{{ $message }}</p>@enderror
        <div class="photo photo-measured" data-photo-reads="{{ route('sightings.read', ['shoot' => $work->shoot->id] + $work->where->fields()) }}"><img src="{{ route('photos.show', ['shoot' => $work->shoot->id, 'file' => $study->photo->text('file')]) }}" alt="{{ $study->photo->text('caption') ?: 'Photo of '.$work->setup->location->name }}" width="{{ $study->widthPx() }}" height="{{ $study->heightPx() }}" draggable="false">
            <svg viewBox="0 0 1000 1000" preserveAspectRatio="none" aria-hidden="true">
                @foreach ($study->drawn() as $line)<path class="plan-line" d="M{{ implode('L', array_map(fn ($p) => round(1000 * $p[0], 1).' '.round(1000 * $p[1], 1), $line)) }}"/>@endforeach
                @foreach ($desk->marks($study) as $mark)<path @class(['plan-mark', 'is-wrong' => $mark['isWrong']]) d="M{{ round(1000 * $mark['x'] - 8, 1) }} {{ round(1000 * $mark['y'], 1) }}h16M{{ round(1000 * $mark['x'], 1) }} {{ round(1000 * $mark['y'] - 8, 1) }}v16"><title>{{ $mark['name'] }}</title></path>@endforeach
                <path class="plan-read" data-photo-line d=""/>
            </svg></div>
        <p class="why">Mark at least four known points, spread over the picture, near and far; three with focal length and sensor entered under Photos. The plan is then drawn over the photo, and each measurement says how accurate it is.</p>
    @endif
</div>
