<?php

declare(strict_types=1);

/* What is done before a setup rolls, and after. */
return [
    'steps' => [
        'frames' => 'Walk the frames: cases, ladders, empty stands, cups and cables out of every one',
        'house' => ':lamp: :plan', 'house-back' => ':lamp back as it was',
        'lamp' => ':lamp on, at :dim', 'haze' => ':hazer on from :from',
        'camera' => 'Camera :camera: ISO :iso, :stop, :fps fps, focus looked at large',
        'card' => 'Camera :camera: card empty, minutes enough, battery full; :who',
        'track' => ':source by :through to :recorder: armed, gain about :gain',
        'noise' => 'Stop :noise, by :who', 'noise-back' => ':noise on again, by :who',
        'phones' => 'Phones off or in the air mode, everybody’s',
        'listen' => 'Headphones on: half a minute of the room, before anybody speaks',
        'slate' => 'Sync: :how',
    ],
    'verdicts' => [
        'same' => 'is the same', 'differs' => 'differs', 'size' => 'has another size', 'missing' => 'is missing', 'extra' => 'is besides',
        'unknown' => 'has no sum',
    ],
    'flags' => [
        'good' => 'Good', 'problem' => 'Problem', 'sync' => 'Sync', 'overlap' => 'Overlap', 'noise' => 'Noise', 'sun' => 'Sun', 'expression' => 'Expression',
    ],
];
