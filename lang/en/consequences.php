<?php

declare(strict_types=1);

/*
 * What a brief already asks for or rules out, by case.
 */
return [
    'prompter' => 'Into the lens, and not used to it (:who): bring a prompter or a mirrored video call, and allow time to practise. Looking room is not checked; the prompter is.',
    'into-lens' => 'Into the lens: the person needs the words by heart, or a prompter. Looking room is not checked.',
    'asker' => 'Eyes beside the lens: the interviewer sits as close to A as its legs allow and stays there.',
    'microphones' => ':heads people in shot: :count microphones, and a backup for every voice.',
    'one-take' => 'One unbroken take: no cut hides a slip. Rehearse the cues; any failure costs the whole take.',
    'body-in-music' => 'A lavalier rubs and turns with a player: hang or stand a microphone at the instrument.',
    'stand-boom' => 'No boom operator: boom on a stand, sandbagged, with a lavalier as backup.',
    'stand-boom-only' => 'No boom operator, and the boom is the only microphone: on a stand it can’t follow a lean. Ask the person to sit still, or add a lavalier.',
    'locked-off' => ':cameras cameras, :hands to run them: :alone unattended. Lock those off wide and check them at every pause.',
    'handheld-alone' => 'Handheld and alone: nobody is watching the second camera, the levels or the sun.',
    'many-lamps' => 'That many lamps take hours and hands; you have :hands.',
    'haze' => 'Haze: ask who runs the fire alarms, tell everyone who will breathe it, and air the room. No answer, no haze.',
    'narrower' => ':name keeps :share of the frame’s width: compose for it, with gear clear of the rest.',
    'spare' => ':name has :spare the pixels it needs: that much room to crop.',
    'enlarged' => ':name has only :spare the pixels it needs, recorded :pixels wide: it would be scaled up.',
    'rates' => 'Delivered at :rates fps: pick one to record at; the other will stutter or blend.',
    'rate' => 'Delivered at :rate fps, but the cameras are set to :camera.',
    'no-hours' => 'No shooting hours yet, so sun, noise and the day can’t be checked. Set them in the Brief.',
    'after-dark' => 'After dark: the windows go black. Start after twilight ends; build and line-check before.',
    'topic' => 'No picture planned for :topic.',
    'reference' => 'Reference :reference not agreed with anyone yet.',
];
