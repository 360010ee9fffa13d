<div class="board-text">
    @if ($work->look === 'schools')
        <section aria-labelledby="schools-title"><h2 id="schools-title">Schools</h2>
            <p class="why">Twenty-four choices of approach. Some change what the checks accept; all are saved with the plan. <b class="follows">as planned now</b> marks what {{ $work->setup->setup->name ?: 'the layout' }} follows now.</p>
            @include('plan.schools')
        </section>
    @else
        <section class="rules" aria-labelledby="rules-title"><h2 id="rules-title">What this brief means for the shoot</h2>
            <ul>@foreach ($work->scout()->consequences() as $line)<li>{{ $line }}</li>@endforeach</ul>
        </section>
        @foreach (array_keys(\FineFrame\Plan\BriefLists::all()) as $name)
            @include('plan.sheet', ['name' => $name])
            @if ($name === 'references')
                @include('plan.photo-form', ['label' => 'Add pictures', 'to' => 'references'])
                <ul class="photos">
                    @foreach ($work->setup->plan->brief->list('references') as $one)
                        @continue($one->text('file') === '')
                        <li><figure><div class="photo"><img src="{{ route('photos.show', ['shoot' => $work->shoot->id, 'file' => $one->text('file')]) }}" alt="{{ $one->text('name') }}" loading="lazy"></div><figcaption><b>{{ $one->text('name') }}</b></figcaption></figure></li>
                    @endforeach
                </ul>
            @endif
        @endforeach
    @endif
</div>
