@props(['work', 'part', 'doing', 'extra' => []])
{{-- What takes longer is asked for once the page stands; without scripts a link asks for all of it at once. --}}
<p id="later-{{ $part }}" class="later" role="status" data-later="{{ $work->url(['later' => $part] + $extra) }}">
    <span>{{ $doing }}</span> <button type="button" class="quiet" data-later-stop>Stop</button>
    <noscript><a href="{{ $work->url(['later' => 'all'] + $extra) }}">Show it</a></noscript>
</p>
