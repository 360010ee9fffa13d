@if ($terms = \App\View\Glossary::in($sentence))
    <p class="terms">{{ __('find.terms') }}: @foreach ($terms as $term)<button type="button" class="plain" data-term="{{ $term }}">{{ $term }}</button>@endforeach</p>
@endif
