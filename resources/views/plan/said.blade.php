<div id="said" class="said" role="status" @isset($oob) hx-swap-oob="morph" @endisset>@if ($said !== '')<p>{{ $said }}</p>@endif</div>
