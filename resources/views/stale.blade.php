<x-page title="The plan changed · Fine Frame" class="home"><main class="stale">@include('plan.stale-body')</main></x-page>
