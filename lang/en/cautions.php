<?php

declare(strict_types=1);

/*
 * What could hurt somebody or the place, said once where it arises, with who decides.
 */
return [
    'second-line' => ':thing hangs :height up: a second line on it, and somebody other than who hung it checks both before anybody goes under.',
    'ladder' => 'Steps or a ladder for :things, up to :height: somebody holds it, and the lamp is off and its cable free.',
    'hot' => ':things: hot enough to burn for a while after they are off. Gloves, nothing that burns near them, and let them cool before they are packed.',
    'gloves' => ':pairs of work gloves, one for each who rigs.',
    'haze' => ':hazer: tell everybody who comes in, and ask who has trouble breathing. Detectors here: :detectors; only the venue may isolate them. Airing takes :minutes.',
    'haze-stays' => ':hazer: tell everybody who comes in, and ask who has trouble breathing. Detectors here: :detectors; only the venue may isolate them. No air is changed: open up afterwards.',
    'cable' => ':count cables cross the way to the :door: :cover of cover or tape over them.',
    'mains' => ':watts in all. Plug in and no more: what is behind an outlet, a larger supply, a generator or a tie-in is a licensed electrician’s.',
    'backwards' => ':thing goes backwards: a spotter with a hand on the operator’s shoulder, and the way walked before.',
    'dark' => 'The way of :thing is dark, :lux at its darkest: mark its edges, and walk it with lights up first.',
    'loud' => ':level for who works nearest, as long as they play. Over :hours of it a day wants ear protection; local rules may want it sooner.',
    'floor' => 'Pads under the feet of :count stands, and a board under whatever rolls: the floor is not ours.',
];
