@php($isOpen = $finding->severity !== \FineFrame\Judge\Severity::Holds)
@php($mend = $isOpen && ! $work->isShown() ? $work->mending()->of($finding) : null)
<li class="finding {{ $finding->severity->value }}" id="f-{{ str_replace([':', '+', '.'], '_', $finding->key()) }}" @isset($oob) hx-swap-oob="morph" @endisset data-about="{{ $finding->about[0] ?? '' }}" @if ($isOpen) tabindex="-1" @endif>
    <x-mark :state="$finding->severity->value" /><span class="sr">{{ $finding->severity->value }}:</span>
    <div>
        <p class="sentence">{{ $work->phrase->finding($finding) }}</p>
        <p class="why">{{ $work->phrase->why($finding) }}</p>
        <div class="acts">
            @if ($mend)
                <x-act :work="$work" :to="route('mend', $work->shoot->id)" :with="['finding' => $finding->key()]" class="inline"><button class="mend" data-mend>Mend: {{ $work->phrase->mend($mend) }}</button></x-act>
                @if ($mend->brings)
                    <span class="why">then to watch: {{ $work->phrase->finding($mend->brings[0]) }}@if (count($mend->brings) > 1) And {{ count($mend->brings) - 1 }} more.@endif</span>
                @endif
            @elseif ($work->isShown())
            @elseif ($isOpen && $finding->mayHaveIdeas() && ! $work->isStill())
                <span class="why">…</span>
            @elseif ($isOpen && $finding->mayHaveIdeas() && ! $work->mending()->isTried($finding) && ! isset($tried))
                <x-act :work="$work" :to="route('mend', $work->shoot->id)" :with="['finding' => $finding->key()]" class="inline"><button class="mend untried" data-mend>Look for a mend</button></x-act>
            @endif
            @if ($isOpen && $work->isStill() && ! $work->isShown())
                @php($lead = $work->leads($finding))
                <a class="leads" href="{{ $lead['url'] }}" @if ($lead['isHere']) hx-get="{{ $lead['url'] }}" hx-swap="none" @endif>{{ __('verdicts.open', ['name' => $lead['name']]) }}</a>
            @endif
            <details class="working" @unless ($work->isStill()) data-keep @endunless><summary>Working</summary>@if ($work->isStill())@include('plan.working', ['working' => $finding->working])@include('plan.terms', ['sentence' => $work->phrase->finding($finding).' '.$work->phrase->why($finding)])@endif</details>
        </div>
    </div>
</li>
