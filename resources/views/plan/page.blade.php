<x-page :title="$work->setup->plan->shoot->title.' · Fine Frame'" class="desk" data-tab="floor" :data-reads="$work->isShown() ? '' : false" :data-no-marks="$work->takesMarks() ? false : ''">
    <a class="skip" href="#verdicts">Skip to the {{ $work->showsVerdicts() ? 'verdicts' : 'papers' }}</a>
    @include('plan.state')
    @include('plan.headline')
    @include('plan.rail')
    <main class="board">
        @include('plan.looks')
        @include('plan.strip')
    </main>
    @include('plan.side')
    @include('plan.said', ['said' => session('said', '')])
    <progress id="making" class="making" max="1" value="0" aria-label="Updating frames and checks" hidden></progress>
    <p id="waiting" class="waiting" role="status" hidden></p>
    @unless ($work->isShown())@include('plan.keys') @include('plan.find')@endunless
    <nav class="tabs" aria-label="Parts of the page">
        @foreach (['floor' => 'Floor', 'frames' => 'Frames', 'verdicts' => $work->showsVerdicts() ? 'Verdicts' : 'Papers', 'stages' => 'Stages'] as $tab => $name)
            <button type="button" data-tab-to="{{ $tab }}" @if ($tab === 'floor') aria-current="true" @endif>{{ $name }}</button>
        @endforeach
    </nav>
</x-page>
