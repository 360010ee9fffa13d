<?php

declare(strict_types=1);

return [
    'move' => 'move :thing :distance',
    'move-stand' => 'move :thing’s stand :distance',
    'move-forward' => 'move :thing :distance forward',
    'raise' => 'raise :thing :distance',
    'lower' => 'lower :thing :distance',
    'zoom' => 'set :thing to :focal',
    'swing-clockwise' => 'swing :thing :angle clockwise',
    'swing-counter' => 'swing :thing :angle counter-clockwise',
    'cross-back' => 'bring :thing back across the line',
    'aim-ahead' => 'reframe :thing with room ahead',
    'back' => 'move :thing :distance back',
    'back-and-zoom' => 'move :thing :distance back, at :focal',
    'stop-down' => 'stop :thing down to :stop',
    'set-stop' => 'set :thing to :stop',
    'dim' => 'dim :thing to :dim',
    'iso' => 'set ISO :iso',
    'draw-curtain' => 'draw the curtain of the :window',
    'draw-curtains' => 'draw the curtains of the :windows',
    'leave-out' => 'leave :reading out until it is taken again',
    'boom-nearest' => 'hang :thing at :distance',
];
