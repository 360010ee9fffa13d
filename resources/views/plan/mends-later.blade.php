@php($mending = $work->mending())
@php($unasked = min($mending->count, config('fineframe.mends_unasked')))
<div id="mends" @isset($oob) hx-swap-oob="morph" @endisset>
    @if ($work->isStill() && ! $mending->isDone() && $mending->next < $unasked)
        <x-later :work="$work" part="mends" :doing="'Looking for mends: '.$mending->next.' of '.$unasked.' tried …'" :extra="['from' => (string) $mending->next]" />
    @endif
</div>
