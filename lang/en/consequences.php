<?php

declare(strict_types=1);

/*
 * What a brief already asks for or rules out, by case.
 */
return [
    'prompter' => 'Into the lens, and not used to it (:who): a prompter or a mirrored call, and time to practise. Looking-room checks are off, prompter checks on.',
    'into-lens' => 'Into the lens: the person needs the words by heart, or a prompter. Looking-room checks are off.',
    'asker' => 'Gaze to a person beside the lens: the asker sits as near to A as its legs allow, and stays in one place.',
    'microphones' => ':heads in shot: :count microphones, with a second path for every voice.',
    'one-take' => 'One unbroken take: no cut hides a slip. Rehearse the cues; every failure costs the whole take.',
    'body-in-music' => 'A body microphone rubs and turns with a player: hang or stand the microphone where the instrument speaks.',
    'stand-boom' => 'Nobody booms: a boom on a stand, ballasted, with a lavalier as the safety.',
    'stand-boom-only' => 'Nobody booms and the boom is the only microphone: on a stand it cannot follow a lean. Let the person sit still, or add a lavalier.',
    'locked-off' => ':cameras cameras and :hands to run them: :alone stand alone. Lock them off wide, and look at them at every pause.',
    'handheld-alone' => 'Handheld and alone: nobody watches the second camera, the levels or the sun.',
    'many-lamps' => 'That many lamps want hours and hands; there are :hands.',
    'haze' => 'Haze: ask who runs the alarms, tell everyone who breathes it, and air the room. Where nobody answers, none.',
    'narrower' => ':name keeps :share of the frame’s width: compose for it, with gear out of the rest.',
    'spare' => ':name has :spare the pixels it needs: so much can be cropped clean.',
    'enlarged' => ':name has only :spare the pixels it needs from :pixels across: it would be enlarged.',
    'rates' => 'Delivered at :rates frames a second: choose one to record at; the other will stutter or blend.',
    'rate' => 'Delivered at :rate frames a second, but the cameras are set to :camera.',
    'no-hours' => 'Nobody has said from when to when you record: sun, noise and hours can’t be judged.',
    'after-dark' => 'After dark: the windows go black. Earliest start is the end of twilight; build and line-check before.',
    'topic' => 'No picture is planned for :topic.',
    'reference' => 'Nobody has agreed on the reference :reference.',
];
