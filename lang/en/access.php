<?php

declare(strict_types=1);

/*
 * Sharing, signing in, copies: what is said of who may see what.
 */
return [
    'roles' => ['crew' => 'crew', 'sound' => 'sound', 'venue' => 'venue', 'client' => 'client', 'editor' => 'editor'],
    'opens' => [
        'crew' => 'The day, the cue view, rig and safety, pack list, rolling, put back, with names and numbers. May tick and mark.',
        'sound' => 'Microphones, tracks, radio, the day, cues, rolling; the call sheet and the sound sheet. May tick and mark.',
        'venue' => 'The floor, power, safety and ways out, the day’s hours, what goes back. No phone numbers. May tick what is put back.',
        'client' => 'The frames, the floor and the day’s hours. No prices, no phone numbers; marks nothing.',
        'editor' => 'Takes and marks with their files, frames, tracks. Marks nothing.',
    ],
    'shown' => 'Shown to :name, as :role, until :until.',
    'shown_marks' => 'You can tick and mark, without a connection too. The plan itself is changed by whoever shared it.',
    'shown_reads' => 'You read here; the plan is changed, and things are ticked, by whoever works on it.',
    'not_yours' => 'Not shared with you',
    'unkept' => [
        'title' => 'Nothing was kept',
        'full' => 'The disk of the computer that serves this is full. Your change was not kept, nothing else is lost: make room there, then do it again.',
        'readonly' => 'The computer that serves this may not write its database. Your change was not kept, nothing else is lost: php artisan fineframe:doctor says what to do there.',
        'locked' => 'The database was in use for too long. Your change was not kept, nothing else is lost: do it again.',
    ],
    'whole' => 'the whole shoot',
    'never' => 'not opened yet',
    'password_set' => 'The new password is set. Everywhere else you are signed out.',
    'session_ended' => 'That session has ended.',
    'no_sessions' => 'Sessions are listed where a crew is served.',
    'unknown' => 'a browser',
    'brought' => '{0} Nothing was brought back: all of it is here (:here).|{1} One shoot is back; :here were here already.|[2,*] :brought shoots are back; :here were here already.',
    'states' => ['open' => 'opens until :at', 'ended' => 'ran out on :at', 'revoked' => 'taken back on :at'],
    'revoked' => 'The link for :name opens nothing any more, from its next contact on.',
    'ended' => [
        'title' => 'This link has ended',
        'says' => 'It ran out, was taken back, or was not copied whole. Whoever sent it can make another.',
    ],
    'here' => [
        'title' => 'Links open once a crew is served',
        'says' => 'This computer serves itself alone: bin/serve-crew serves others, and then this link opens.',
    ],
    'did' => [
        'entered' => 'opened the link for', 'opened' => 'opened', 'shared' => 'made a link for', 'revoked' => 'took back the link for',
        'joined' => 'lets plan as well:', 'parted' => 'no longer lets plan:', 'signed-in' => 'signed in', 'refused' => 'could not sign in',
        'signed-out' => 'signed out', 'ended' => 'ended a session', 'password' => 'set a new password', 'removed' => 'removed the shoot',
        'restored' => 'brought the shoot back', 'took-all' => 'took a copy of everything', 'brought-all' => 'brought a copy of everything back',
    ],
    'wrong' => [
        'name' => 'Say whom it is for.', 'days' => 'A link opens for 1 to :most days.', 'role' => 'Choose what they are.',
        'setup' => 'There is no such setup in this shoot.', 'owner' => 'There is no such owner.',
        'password' => 'This is not your password.', 'short' => 'Ten characters or more.',
        'copy' => 'This file is no copy of everything.', 'damaged' => 'The copy is damaged: :what. Nothing was brought back.',
    ],
];
