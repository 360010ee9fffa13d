@php($link = $work->visitor->link)
<section class="card shown"><h2>{{ $work->shoot->title }}</h2>
    <p>{{ __('access.shown', ['name' => $link->name, 'role' => __("access.roles.{$link->role->value}"), 'until' => \App\View\ShareDesk::moment($link->expires_at)]) }}</p>
    @if ($link->papers())
        <h3>Papers</h3>
        <ul class="papers">@foreach ($link->papers() as $route => $words)
            @php($of = fn (string $paper) => route($route, ['shoot' => $work->shoot->id, 'place' => $work->place(), 'paper' => $paper]))
            <li>@if (str_ends_with($of('a4'), '.svg') || in_array($route, ['export.calendar', 'export.floor'], true))<a href="{{ $of('a4') }}" download>{{ $words }}</a>@else<a href="{{ $of('a4') }}" target="_blank">{{ $words }}, A4</a> <a href="{{ $of('letter') }}" target="_blank" aria-label="{{ $words }}, Letter">Letter</a>@endif</li>
        @endforeach</ul>
    @endif
    <p class="why">{{ __($work->takesMarks() ? 'access.shown_marks' : 'access.shown_reads') }}</p>
</section>
@if ($work->showsVerdicts())@include('plan.verdicts')@endif
