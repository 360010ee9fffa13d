<?php

declare(strict_types=1);

/*
 * Keys and what each does: on every page, on the floor, and on the pages of one stage.
 */
return [
    'title' => 'All keys',
    'everywhere' => 'Everywhere',
    'floor' => 'On the floor',
    'keys' => [
        'everywhere' => [
            '/' => 'find anything by name', 'n' => 'next finding', 'Shift + n' => 'previous finding', 'm' => 'apply its mend', 'u' => 'undo',
            'Shift + u' => 'redo', 'b' => 'blackout theme', 'i' => 'metres or feet', 'p' => 'printed sheet', 'Escape' => 'back to verdicts',
            '?' => 'these keys',
        ],
        'floor' => [
            'Tab' => 'walk the things on the floor', 'Enter' => 'open the card of the thing', '← ↑ → ↓' => 'nudge 5 cm',
            'Shift + arrow' => 'nudge 50 cm', 'Alt + arrow' => 'nudge 1 cm', '[ ]' => 'turn 5°', 'Alt + [ ]' => 'turn 1°',
            'Delete' => 'remove the thing', 'e' => 'side view, and back', 't' => 'table, and back', 'a' => 'add a thing to this stage',
        ],
        'cameras' => ['1 … 9' => 'open camera A, B, …'],
        'light' => ['1 … 9' => 'switch a lamp off or on', 'Shift + 1 … 9' => 'solo that lamp'],
        'sound' => ['arrows' => 'walk the cells of the track table', 'Space' => 'connect or part the cell'],
        'rig' => ['c' => 'plug the lamp into the next circuit'],
        'rundown' => ['Space' => 'cue view: run or stop', 'n' => 'cue view: next', '← →' => 'move the bar that has the focus'],
        'roll' => ['Space' => 'start and stop a take'],
    ],
];
