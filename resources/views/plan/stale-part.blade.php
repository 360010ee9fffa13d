@include('plan.parts', ['work' => $work, 'said' => '', 'quiet' => true])
<div id="said" class="said stale" role="alertdialog" aria-label="The plan has changed" hx-swap-oob="morph">@include('plan.stale-body')</div>
