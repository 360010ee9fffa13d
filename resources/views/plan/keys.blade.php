<dialog id="keys" class="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">All keys</h2>
    <dl>
        @foreach ([
            'Tab' => 'walk the things on the floor', 'Enter' => 'open the card of the thing', '← ↑ → ↓' => 'nudge 5 cm', 'Shift + arrow' => 'nudge 50 cm', 'Alt + arrow' => 'nudge 1 cm',
            '[ ]' => 'turn 5°', 'Alt + [ ]' => 'turn 1°', 'Delete' => 'remove the thing', 'n' => 'next finding', 'Shift + n' => 'previous finding', 'm' => 'apply its mend', 'u' => 'undo', 'Shift + u' => 'redo', 'e' => 'side view, and back',
            't' => 'table, and back', 'b' => 'blackout theme', 'i' => 'metres or feet', 'a' => 'add a thing to this stage', 'p' => 'printed sheet', '1 … 9' => 'open camera A, B, …; in Light: switch a lamp off or on', 'Shift + 1 … 9' => 'in Light: solo that lamp', 'c' => 'in Rig: plug the lamp into the next circuit', 'Escape' => 'back to verdicts', '?' => 'these keys',
        ] as $key => $does)
            <div><dt>{{ $key }}</dt><dd>{{ $does }}</dd></div>
        @endforeach
    </dl>
    <form method="dialog"><button class="keep">Close</button></form>
</dialog>
