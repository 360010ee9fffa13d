<div class="board-text">
    @include('plan.photo-form', ['label' => 'Add photos', 'to' => ''])
    <form method="get" action="{{ $work->url(['look' => 'photos']) }}" class="tape-line">@foreach (array_diff_key($work->where->fields(), ['crop' => 0]) as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
        <label>Frame for <input class="num short" name="crop" value="{{ $work->scout()->cropMm() + 0 }}" inputmode="decimal"> mm on A</label> <button class="plain">Draw</button></form>
    <ul class="photos">
        @foreach ($work->scout()->references() as $photo)
            <li>
                <figure>
                    <div class="photo"><img src="{{ route('photos.show', ['shoot' => $work->shoot->id, 'file' => $photo['file']]) }}" alt="{{ $photo['caption'] ?: 'Photo of '.$work->setup->location->name }}" width="{{ $photo['width'] }}" height="{{ $photo['height'] }}" loading="lazy">
                        @if ($photo['crops'] !== [])<svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">@foreach ($photo['crops'] as $crop)<rect class="crop" x="{{ 50 - $crop['w'] / 2 }}" y="{{ 50 - $crop['h'] / 2 }}" width="{{ $crop['w'] }}" height="{{ $crop['h'] }}"/>@endforeach</svg>@endif
                    </div>
                    <figcaption><b>{{ $photo['caption'] ?: 'No caption' }}</b> @if ($photo['words'] !== '')<span class="why">{{ $photo['words'] }}</span>@endif <a class="plain" href="{{ $to = $work->url(['look' => 'photo', 'ask' => $photo['file']]) }}" hx-get="{{ $to }}" hx-swap="none">Measure in it</a></figcaption>
                </figure>
            </li>
        @endforeach
    </ul>
    @include('plan.sheet', ['name' => 'photos'])
</div>
