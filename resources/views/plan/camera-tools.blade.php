@php($desk = $work->cameras())
<section class="tools"><h3>Shot sizes from here</h3>
    <table class="rows sizes"><thead><tr><th scope="col">Size</th><th scope="col">By lens</th><th scope="col">By moving</th></tr></thead><tbody>
        @foreach ($desk->sizes($card->id) as $row)
            <tr><th scope="row">{{ $row['size'] }}</th>
                @foreach (['lens', 'move'] as $by)
                    <td>@if ($row[$by]['can'])<x-act :work="$work" :to="route('frame.size', $work->shoot->id)" :with="['thing' => $card->id, 'size' => $row['size'], 'by' => $by]" class="inline"><button class="plain num" aria-label="{{ $row['size'] }} by {{ $by === 'lens' ? 'the lens' : 'moving' }}: {{ $row[$by]['words'] }}">{{ $row[$by]['words'] }}</button></x-act>@else<span class="num none">{{ $row[$by]['words'] }}</span>@endif <span class="why">{{ $row[$by]['note'] }}</span></td>
                @endforeach
            </tr>
        @endforeach
    </tbody></table>
    @if ($habit = $desk->focusHabit($card->id))<p class="why">{{ $habit }}</p>@endif
    @if ($crop = $desk->crop($card->id))<p class="why">{{ $crop }}</p>@endif
    @if ($square = $desk->square($card->id))
        <p class="why">Off square: {{ implode('; ', $square) }}.</p>
        <x-act :work="$work" :to="route('frame.square', $work->shoot->id)" :with="['thing' => $card->id]" class="inline"><button class="plain">Square to the wall</button></x-act>
    @endif
    <x-act :work="$work" :to="route('marks.store', $work->shoot->id)" :with="['thing' => $card->id]" class="inline"><button class="plain">Add a move mark here</button></x-act>
</section>
