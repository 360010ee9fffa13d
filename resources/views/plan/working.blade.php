<div class="sum">
    <p>{{ $working->formula }}</p>
    @if ($working->inputs !== [])
        <dl>@foreach ($working->inputs as $name => $value)<div><dt>{{ $name }}</dt><dd class="num">{{ $reader->print($value) }}</dd></div>@endforeach</dl>
    @endif
    <p class="source">{{ $working->source }}</p>
</div>
