@php($desk = $work->pack())
<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>{{ $work->shoot->title }}: labels</title>
<link rel="icon" href="/mark.svg"><link rel="stylesheet" href="{{ asset('build/app.css') }}"></head><body class="labels-page">
<p class="no-print">Print, cut, stick on. Scan a label with a phone, or type its name, to tick the item out and back in.</p>
<div class="labels">@foreach ($desk->labels() as $label)<div class="label"><div data-mark="{{ $label['mark'] }}"></div><div><b>{{ $label['name'] }}</b><small>{{ $label['sub'] }}</small></div></div>@endforeach</div>
<script src="{{ asset('build/labels.js') }}"></script>
</body></html>
