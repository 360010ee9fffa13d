<p id="tally" class="tally" role="status" @isset($oob) hx-swap-oob="morph" @endisset><x-mark :state="$work->worst()->value" /> <strong>{{ $work->headline() }}</strong></p>
