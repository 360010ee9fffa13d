<?php

declare(strict_types=1);

/*
 * Choices of the plan file whose word on screens is another: the file’s word, and the one that is shown.
 */
return [
    'nobody has said' => 'not set',
    'talk with one person' => 'interview, one person', 'talk with two people' => 'interview, two people',
    'talk' => 'interview', 'performance, one unbroken take' => 'performance, one take',
    'locked on everybody' => 'locked wide on everyone',
    'blue light' => 'blue hour', 'golden light' => 'golden hour',
    'swap the globe' => 'swap the bulb', 'keep as it is' => 'leave as is',
    'owner’s leave' => 'owner’s permission', 'camera places' => 'camera positions',
    'the links' => 'wireless links', 'the video sender' => 'video transmitter',
    'an ear' => 'in-ear monitor', 'a voice' => 'voice', 'a picture' => 'video',
    'the body itself' => 'recorder on the person', 'by its sound alone' => 'waveform matching',
    'mirrored call' => 'mirrored video call', 'from above' => 'hung from above',
    'free' => 'clear of the walls', 'a chain or beads' => 'necklace or beads', 'a scarf or stiff cloth' => 'scarf or stiff fabric',
    'hands that touch it' => 'hands touching it', 'by pictures' => 'from pictures',
];
