@php($loose = collect($errors->getMessages())->except($shown ?? [])->flatten())
@if ($loose->isNotEmpty())
    <div class="problems" role="alert">
        <p><strong>Nothing was changed.</strong></p>
        @foreach ($loose->take(8) as $message)<p>{{ $message }}</p>@endforeach
    </div>
@endif
