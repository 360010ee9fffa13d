<?php

declare(strict_types=1);

/* What the day’s tasks are called. */
return [
    'tasks' => [
        'travel' => 'travel there', 'home' => 'travel home', 'meal' => 'meal', 'load' => 'load-in, :name', 'out' => 'load-out, :name',
        'lights' => 'lamps, :name', 'cameras' => 'cameras, :name', 'sound' => 'sound, :name', 'check' => 'check, :name',
        'take' => 'shoot :name', 'strike' => 'strike, :name', 'restore' => 'put back, :name', 'own' => ':name',
    ],
    // In its bar, where its lane says the location.
    'short' => [
        'travel' => 'there', 'home' => 'home', 'meal' => 'meal', 'load' => 'in', 'out' => 'out', 'lights' => 'lamps', 'cameras' => 'cameras',
        'sound' => 'sound', 'check' => 'check', 'take' => 'shoot', 'strike' => 'strike', 'restore' => 'back', 'own' => ':name',
    ],
];
