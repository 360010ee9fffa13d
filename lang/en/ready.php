<?php

declare(strict_types=1);

/* What is done before a setup rolls, and after. */
return [
    'steps' => [
        'frames' => 'Walk the frames: cases, ladders, empty stands, cups and cables out of shot',
        'house' => ':lamp: :plan', 'house-back' => ':lamp back as it was',
        'lamp' => ':lamp on, at :dim', 'haze' => ':hazer on from :from',
        'camera' => 'Camera :camera: ISO :iso, :stop, :fps fps, focus checked at full magnification',
        'card' => 'Camera :camera: card empty, enough minutes left, battery full; :who',
        'track' => ':source through :through to :recorder: armed, gain about :gain',
        'noise' => ':noise off, :who', 'noise-back' => ':noise back on, :who',
        'phones' => 'Every phone off or in flight mode',
        'listen' => 'Headphones on: listen to the room for half a minute',
        'slate' => 'Sync: :how',
    ],
    'verdicts' => [
        'same' => 'matches', 'differs' => 'differs', 'size' => 'size differs', 'missing' => 'missing', 'extra' => 'not in the list',
        'unknown' => 'no checksum',
    ],
    'flags' => [
        'good' => 'Good', 'problem' => 'Problem', 'sync' => 'Sync', 'overlap' => 'Overlap', 'noise' => 'Noise', 'sun' => 'Sun', 'expression' => 'Expression',
    ],
];
