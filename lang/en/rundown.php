<?php

declare(strict_types=1);

/* What the day’s tasks are called. */
return [
    'tasks' => [
        'travel' => 'the way there', 'home' => 'the way home', 'meal' => 'a meal', 'load' => 'carry in, :name', 'out' => 'carry out, :name',
        'lights' => 'lamps, :name', 'cameras' => 'cameras, :name', 'sound' => 'sound, :name', 'check' => 'check, :name',
        'take' => 'record :name', 'strike' => 'strike, :name', 'restore' => 'put back, :name', 'own' => ':name',
    ],
    // In its bar, where its lane says the place.
    'short' => [
        'travel' => 'there', 'home' => 'home', 'meal' => 'meal', 'load' => 'in', 'out' => 'out', 'lights' => 'lamps', 'cameras' => 'cameras',
        'sound' => 'sound', 'check' => 'check', 'take' => 'record', 'strike' => 'strike', 'restore' => 'back', 'own' => ':name',
    ],
];
