<?php

declare(strict_types=1);

/*
 * What could hurt somebody or the place, said once where it arises, with who decides.
 */
return [
    'second-line' => ':thing hangs :height up: add a safety line, and have someone else check both before anyone walks under it.',
    'ladder' => 'Ladder for :things, up to :height: someone holds it, and the lamp is off with its cable free.',
    'hot' => ':things: hot enough to burn for a while after switching off. Wear gloves, keep fabric and paper away, and let them cool before packing.',
    'gloves' => ':pairs of work gloves, one for each person who rigs.',
    'haze' => ':hazer: tell everyone who comes in, and ask who has trouble breathing. Detectors here: :detectors; only the venue may isolate them. Airing takes :minutes.',
    'haze-stays' => ':hazer: tell everyone who comes in, and ask who has trouble breathing. Detectors here: :detectors; only the venue may isolate them. The room has no air change: open up afterwards.',
    'cable' => ':count cables cross the way to the :door: cover or tape :cover of them.',
    'mains' => ':watts in all. Plug in only; anything behind the outlet, a bigger supply, a generator or a tie-in needs a licensed electrician.',
    'backwards' => ':thing moves backwards: a spotter with a hand on the operator’s shoulder, and walk it first.',
    'dark' => ':thing’s path is dark, :lux at the darkest: mark its edges and walk it with lights up first.',
    'loud' => ':level at the person working nearest while they play. More than :hours of it in a day calls for ear protection; local rules may want it sooner.',
    'floor' => 'Pads under :count stands’ feet and a board under anything that rolls: it isn’t our floor.',
];
