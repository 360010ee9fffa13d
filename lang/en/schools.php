<?php

declare(strict_types=1);

/*
 * Where working crews disagree: the question, and each school with the reason for it.
 */
$of = static fn (string $question, array $schools, string $seen = ''): array => [
    'question' => $question, 'schools' => $schools, 'seen' => $seen,
];

return [
    'gaze' => $of('Eyeline', ['beside-lens' => 'To someone beside the lens: easy for anyone, reads as conversation.', 'into-lens' => 'Into the lens: direct address; needs a prompter or a mirrored video call.'], ':subject looks :angle off :camera’s lens.'),
    'lens' => $of('Main camera’s lens', ['free' => 'Any length: wide first, tighter as the interview deepens.', 'long' => 'Long: a calm, soft background keeps attention on the words.', 'thirty-five' => 'About 35 mm: the person in their surroundings.', 'fifty' => 'About 50 mm: close to how the room looks.'], ':camera’s lens equals :focal on a sensor 36 mm wide.'),
    'second-camera' => $of('Second camera’s position', ['unlike' => 'Anywhere, as long as size and angle differ a lot.', 'forty-five' => 'About 45° round: cuts go unnoticed.', 'profile' => 'Toward profile and longer: another side of the same person.', 'same-axis' => 'Under the first and wider: both keep eye contact.', 'wide-to-crop' => 'Wide, and cropped for a third view.', 'overhead-and-side' => 'Fixed above and beside the work: the hands tell it.'], ':b is :angle round from :a.'),
    'cut' => $of('What makes the cut', ['size-and-angle' => 'Size and angle together: hardest to see.', 'size-alone' => 'Size alone, on one axis: keeps eye contact.', 'angle-alone' => 'Angle alone.'], ':a and :b: sizes :ratio to 1, :angle apart.'),
    'contrast' => $of('Contrast on the face', ['shadow-to-lens' => 'Negative fill on the near side, shadow toward the lens: shape.', 'open' => 'Fill near the lens: an open face, the classic scheme.', 'even' => 'Even all round: smooth and flattering.', 'balanced' => 'Moderate and the same every time: nothing can go wrong.'], ':subject’s cheeks are :ratio to 1.'),
    'edge-light' => $of('Back or hair light', ['small-and-hard' => 'Small, undiffused, only a little: a crisp edge.', 'tubes' => 'Small battery tubes with a grid or light diffusion.', 'high-and-kicker' => 'High and behind, plus a kicker: always separates from the background.', 'window' => 'A window does it free, if it is steady.', 'only-if-readable' => 'Only once the face reads without it.'], 'From behind: :lamps.'),
    'first-light' => $of('Natural light or lamps', ['what-is-there' => 'Available light whenever it will do: choose the location for it.', 'cut-and-rebuild' => 'Cut it, block it and rebuild: full control.', 'wait-for-dark' => 'Wait for dark and light everything.'], ':share of :subject’s light comes without lamps.'),
    'lamps' => $of('How many lamps', ['three' => 'Three.', 'one' => 'One, moved about.', 'three-to-five' => 'Three to five.', 'five-or-six' => 'Five or six.', 'ten' => 'Ten or so, with large cloth: hours of work.'], ':count on, not counting the room’s own.'),
    'support' => $of('Camera support', ['tripod' => 'Tripod whenever possible: handheld pans rarely work.', 'handheld' => 'Handheld: organic, and quick to follow the hands.', 'locked' => 'Locked off and squared up.', 'slider' => 'Slider, for planned moves.', 'convertible' => 'Tripod for the interview, off it in moments.'], ':count handheld or on a rig; :moves with a move.'),
    'kit' => $of('Amount of kit', ['lean' => 'Lean: weight costs energy and moments.', 'complete' => 'Complete: spares for whatever a strange house needs.']),
    'microphone' => $of('Main microphone', ['boom-first' => 'Boom, with a lavalier as backup.', 'boom-only' => 'Boom alone, as close as the frame allows.', 'body-first' => 'Lavalier: best with no boom operator.'], ':booms on a boom, :worn on clothes.'),
    'levels' => $of('Who watches levels', ['a-person' => 'Someone listens throughout.', 'wide-range' => '32-bit float, set roughly and left.', 'glances' => 'A glance now and then, working alone.']),
    'recorder' => $of('Where sound is recorded', ['recorder-and-feed' => 'A recorder, with a feed to the camera.', 'recorder-if-any' => 'A recorder if there is one, otherwise the camera.', 'camera' => 'Straight into the camera.', 'on-the-speaker' => 'A recorder on the speaker, synced later.', 'venue-desk' => 'The venue’s desk; camera sound for sync.']),
    'tighter' => $of('Getting tighter', ['change-the-lens' => 'Stay put and change the lens: quick.', 'walk-in' => 'Move in: being close is intimate, within the face’s limit.', 'zoom-in' => 'Zoom: the lens is already on.']),
    'hour' => $of('Time of day', ['around-noon' => 'Around noon: the windows change least.', 'after-dark' => 'After dark: full control.', 'by-luck' => 'Streaks of sun are welcome when they come.'], 'Shooting from :from to :to.'),
    'roll' => $of('How long to roll', ['long' => 'Long, before and after: the best is unguarded.', 'bounded' => 'Kept short: logging and storage cost time.']),
    'haze' => $of('Haze', ['none' => 'None.', 'throughout' => 'A little, throughout.', 'wides-only' => 'For wides; off for tight shots.', 'off-when-dense' => 'Off as soon as it gets too thick.']),
    'room-lamps' => $of('Room lamps', ['off' => 'Off: mixed colour confuses the camera.', 'practicals' => 'On, as practicals that motivate the light.', 'swap-globes' => 'Swap the bulbs so they can stay on.', 'try-both' => 'Try both and look.'], ':count of the room’s lamps are on.'),
    'top-light' => $of('Top light', ['avoid' => 'Avoid it: it hollows the eyes.', 'soft-ambience' => 'Soft from above is fine, with a lamp for the face.', 'the-look' => 'A large soft frame overhead is the look.'], 'The key is :angle above :subject’s eyes.'),
    'repair' => $of('In camera or in post', ['in-camera' => 'In camera: agree on the look and get it.', 'later' => 'In post, where there is no crew.', 'reverb-later' => 'Reverb can be added later, never removed.']),
    'coverage' => $of('Covering mistakes', ['angles' => 'Several angles: any slip can be cut around.', 'one-take' => 'One uncut take: rehearsed, and the location carries it.', 'roaming-and-safety' => 'Roaming cameras and one locked wide on everyone.']),
    'asker' => $of('The interviewer’s voice', ['silent' => 'Off the track: silent during answers.', 'in-the-scene' => 'On the track, where the interviewer is part of the scene.']),
    'preparation' => $of('Prepare or improvise', ['measured' => 'Measure, meter, draw, share.', 'story-first' => 'Know the story and read the person.', 'trial' => 'Test on the day, for what can’t be worked out.', 'little-by-little' => 'Move things until it looks right.']),
    'settings' => $of('Camera settings', ['manual' => 'Manual: automatics hunt.', 'touch' => 'Tap the face to set focus and exposure, then lock.'], ':count on automatic.'),
];
