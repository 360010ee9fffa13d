@props(['state' => 'holds'])
{{-- The mark of the house: whole holds, one side open to watch, snapped in two breaks, dotted not begun. --}}
<svg {{ $attributes->class(['mark', "mark-$state"]) }} viewBox="0 0 20 16" aria-hidden="true">
@switch($state)
    @case('holds')<path d="M2 3H18V13H2Z"/>@break
    @case('watch')<path d="M18 6V3H2V13H18V10"/>@break
    @case('breaks')<path d="M9 3H2V13H7L9.5 9.5L7.5 7.5Z"/><path d="M12.5 2.2H19V12.2H10.8L13 8.6L11 6.6Z"/>@break
    @default<path d="M2 3H18V13H2Z" stroke-dasharray="3 2.6"/>
@endswitch
</svg>
