<?php

declare(strict_types=1);

/*
 * Where good people differ: the question, and each school with the reason it is held.
 */
$of = static fn (string $question, array $schools, string $seen = ''): array => [
    'question' => $question, 'schools' => $schools, 'seen' => $seen,
];

return [
    'gaze' => $of('Where the speaker looks', ['beside-lens' => 'To a person beside the lens: easy for anyone, and reads as conversation.', 'into-lens' => 'Into the lens: an intimate address; wants a prompter or a mirrored call.'], ':subject looks :angle past :camera’s lens.'),
    'lens' => $of('Main camera’s lens', ['free' => 'No fixed length: wide first, tighter as the talk deepens.', 'long' => 'Long: a calm, soft background draws attention to the words.', 'thirty-five' => 'About 35 mm: the person in their place.', 'fifty' => 'About 50 mm: near to how the room looks.'], ':camera is at :focal, as on a sensor 36 mm wide.'),
    'second-camera' => $of('Where the second camera goes', ['unlike' => 'Anywhere, so long as size and angle are drastically unlike.', 'forty-five' => 'About 45° round: cuts go unseen.', 'profile' => 'Toward profile and longer: another face of the same person.', 'same-axis' => 'Beneath the first and wider: both read as eye contact.', 'wide-to-crop' => 'Wide, and cropped for a third view.', 'overhead-and-side' => 'Fixed above and beside the work: hands are the story.'], ':b stands :angle round from :a.'),
    'cut' => $of('What makes a cut', ['size-and-angle' => 'Size and angle both: hardest to see.', 'size-alone' => 'Size alone on one axis: eye contact is kept.', 'angle-alone' => 'Angle alone.'], ':a and :b: sizes :ratio to 1, :angle apart.'),
    'contrast' => $of('Contrast on the face', ['shadow-to-lens' => 'Black on the near side, shadow toward the lens: shape.', 'open' => 'Fill near the lens: an open face, the classic scheme.', 'even' => 'Even all round: smooth and kind.', 'balanced' => 'Balanced and alike each time: nothing to go wrong.'], ':subject’s cheeks are :ratio to 1.'),
    'edge-light' => $of('Hair or edge light', ['small-and-hard' => 'Small, undiffused, little of it: the crisp edge is the point.', 'tubes' => 'Small battery tubes with a grid or a sheet.', 'high-and-kicker' => 'High and behind, and a kicker: always parted from the ground.', 'window' => 'A window gives it free, if steady.', 'only-if-readable' => 'Only once the face reads without the lamp.'], 'From behind: :lamps.'),
    'first-light' => $of('Natural light or built', ['what-is-there' => 'What is there whenever it will do: choose the place for it.', 'cut-and-rebuild' => 'Cut, block and rebuild: the look is controlled.', 'wait-for-dark' => 'Wait for dark and light everything.'], ':share of :subject’s light is there without lamps.'),
    'lamps' => $of('How many lamps', ['three' => 'Three.', 'one' => 'One, moved about.', 'three-to-five' => 'Three to five.', 'five-or-six' => 'Five or six.', 'ten' => 'Ten or so, with large cloth: hours of work.'], ':count burn, the room’s own left out.'),
    'support' => $of('What holds the camera', ['tripod' => 'A tripod whenever it can be: handheld pans rarely work.', 'handheld' => 'The body: organic, and quick to where hands move.', 'locked' => 'Precisely squared and locked.', 'slider' => 'A slider, for moves that were designed.', 'convertible' => 'A tripod for talk, off it in moments.'], ':count by hand or on a body; :moves with a move.'),
    'kit' => $of('Amount of kit', ['lean' => 'Lean: weight costs energy and moments.', 'complete' => 'Complete: spares for whatever a strange house asks.']),
    'microphone' => $of('First microphone', ['boom-first' => 'The boom, with a body microphone as insurance.', 'boom-only' => 'The boom alone, as near as the frame allows.', 'body-first' => 'The body: best where nobody can boom.'], ':booms on a boom, :worn worn.'),
    'levels' => $of('Who guards the levels', ['a-person' => 'Someone listens throughout.', 'wide-range' => 'Wide-range recording, set roughly and left.', 'glances' => 'A glance now and then, alone.']),
    'recorder' => $of('Where sound is recorded', ['recorder-and-feed' => 'A recorder, with a feed to the camera.', 'recorder-if-any' => 'A recorder, or the camera where there is none.', 'camera' => 'Straight into the camera.', 'on-the-speaker' => 'On the speaker, synchronised later.', 'venue-desk' => 'The venue’s desk; cameras for synchronising.']),
    'tighter' => $of('Getting tighter', ['change-the-lens' => 'Stay put and change the lens: quick.', 'walk-in' => 'Walk in: nearness itself is intimate, within the face’s limit.', 'zoom-in' => 'Zoom: the lens is to hand.']),
    'hour' => $of('Time of day', ['around-noon' => 'Around noon: the windows change least.', 'after-dark' => 'After dark: everything is yours.', 'by-luck' => 'Streaks of sun are welcome when they come.'], 'Recorded from :from to :to.'),
    'roll' => $of('How long to roll', ['long' => 'Long, before and after: the best is unguarded.', 'bounded' => 'Bounded: sorting and storage cost time.']),
    'haze' => $of('Haze', ['none' => 'None.', 'throughout' => 'A little, throughout.', 'wides-only' => 'For wides; off for tight views.', 'off-when-dense' => 'Off as soon as it is too dense.']),
    'room-lamps' => $of('Room lamps', ['off' => 'Off: mixed colour confuses the camera.', 'practicals' => 'On, as a reason for the light.', 'swap-globes' => 'Swap the globe so that they can stay.', 'try-both' => 'Try both and look.'], ':count of the room’s lamps burn.'),
    'top-light' => $of('Light from above', ['avoid' => 'Avoid it: it hollows the eyes.', 'soft-ambience' => 'Soft from above will do, with a lamp for the face.', 'the-look' => 'A large soft frame above is the look.'], 'The main light stands :angle over :subject’s eyes.'),
    'repair' => $of('Now or later', ['in-camera' => 'In the camera: agree on the look and get it.', 'later' => 'Later, where there is no crew.', 'reverb-later' => 'Reverb is added later, never taken away.']),
    'coverage' => $of('Cover slips or accept none', ['angles' => 'Several angles: any slip can be cut.', 'one-take' => 'One uncut take: rehearsed, and the place carries it.', 'roaming-and-safety' => 'Roaming hands and one locked on everybody.']),
    'asker' => $of('The asker’s voice', ['silent' => 'Off the track: silent while they answer.', 'in-the-scene' => 'In it, where the asker is part of the scene.']),
    'preparation' => $of('Prepare or improvise', ['measured' => 'Measure, meter, draw, share.', 'story-first' => 'Foresee the story and read the person.', 'trial' => 'Trial on the day, for what has no model.', 'little-by-little' => 'Move things until it looks right.']),
    'settings' => $of('Camera settings', ['manual' => 'Manual: automatics hunt.', 'touch' => 'Touch the face to set focus and exposure, then lock.'], ':count on automatic.'),
];
